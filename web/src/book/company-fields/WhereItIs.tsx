import { madeUpParticulars, type Company } from '@gleddo/core';
import { Button, Input } from 'antd';
import { Fragment } from 'react';
import { Refusal } from '../../platform/shell/Refusal';

const FIELDS = [
  { field: 'address', label: 'Address' },
  { field: 'contact', label: 'Contact' },
  { field: 'registration', label: 'Registration number' },
] as const;

type Field = (typeof FIELDS)[number]['field'];

interface WhereItIsProps {
  readonly company: Company;
  readonly disabled: boolean;
  faultAt(field: string): string | undefined;
  onChange(company: Company): void;
}

/** Where a company is, and its number: made-up ones, proposed from its name. */
export function WhereItIs({ company, disabled, faultAt, onChange }: WhereItIsProps) {
  const set = (field: Field, value: string) => {
    const { [field]: _, ...rest } = company;
    onChange(value === '' ? rest : { ...rest, [field]: value });
  };
  const isEmpty = FIELDS.every(({ field }) => !company[field]);
  return (
    <>
      {FIELDS.map(({ field, label }) => (
        <Fragment key={field}>
          <label htmlFor={`company-${field}`}>{label}</label>
          <Input
            id={`company-${field}`}
            disabled={disabled}
            value={company[field] ?? ''}
            maxLength={200}
            status={faultAt(field) ? 'error' : ''}
            onChange={(event) => set(field, event.target.value)}
          />
          <Refusal says={faultAt(field)} />
        </Fragment>
      ))}
      {isEmpty && !disabled && company.name.trim() !== '' && (
        <Button
          className="second"
          size="small"
          onClick={() => onChange({ ...company, ...madeUpParticulars(company) })}
        >
          Propose made-up ones
        </Button>
      )}
    </>
  );
}
