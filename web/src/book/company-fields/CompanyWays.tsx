import type { Company } from '@gleddo/core';
import { Select } from 'antd';
import { Fragment } from 'react';

/** What of a company is a choice between the usual way, which its file does not name, and another. */
type Way = 'cashFlow' | 'basis' | 'otherSide' | 'posts';

interface WayFacts {
  readonly name: Way;
  readonly label: string;
  readonly usual: string;
  readonly other: { readonly value: string; readonly label: string };
}

const WAYS: readonly WayFacts[] = [
  {
    name: 'cashFlow',
    label: 'Interest in the cash flow',
    usual: 'All operating, from the profit for the period',
    other: { value: 'ifrs-18', label: 'As IFRS 18: earned investing, charged financing' },
  },
  {
    name: 'basis',
    label: 'Basis of the profit',
    usual: 'Accrual: when it is earned and used up',
    other: { value: 'cash', label: 'Cash: when money comes and goes' },
  },
  {
    name: 'otherSide',
    label: 'Overdrafts, customers in credit',
    usual: 'As their accounts stand',
    other: { value: 'reclassified', label: 'Where they belong, at the level of sections' },
  },
  {
    name: 'posts',
    label: 'Entries are posted',
    usual: 'At once, each as it is recorded',
    other: { value: 'batches', label: 'In batches, posted together' },
  },
];

function withWay(company: Company, name: Way, value: string): Company {
  const { [name]: _, ...rest } = company;
  return value === '' ? rest : { ...rest, [name]: value };
}

interface CompanyWaysProps {
  readonly company: Company;
  readonly disabled?: boolean;
  onChange(company: Company): void;
}

/** How the statements of a company are told where there is more than one way. */
export function CompanyWays({ company, disabled = false, onChange }: CompanyWaysProps) {
  return WAYS.map(({ name, label, usual, other }) => (
    <Fragment key={name}>
      <label htmlFor={`company-${name}`}>{label}</label>
      <Select
        id={`company-${name}`}
        disabled={disabled}
        value={company[name] ?? ''}
        options={[{ value: '', label: usual }, other]}
        onChange={(value: string) => onChange(withWay(company, name, value))}
      />
    </Fragment>
  ));
}
