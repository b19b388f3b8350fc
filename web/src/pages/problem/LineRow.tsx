import { SHIPPED_SCHEMES, typeGuess, type Proposal, type Scheme } from '@gleddo/core';
import { AutoComplete, Input } from 'antd';
import { accountNamed, type Row } from './said-rows';
import { TypeSelect } from './TypeSelect';
import styles from './problem.module.css';

const SCHEME = SHIPPED_SCHEMES[0] as Scheme;

const typeOfName = (proposal: Proposal, name: string): string | null =>
  accountNamed(proposal, name)?.type ?? typeGuess(SCHEME, name, null)?.type.id ?? null;

interface AmountFieldProps {
  readonly label: string;
  readonly value: string;
  onChange(typed: string): void;
}

const AmountField = ({ label, value, onChange }: AmountFieldProps) => (
  <Input
    size="small"
    aria-label={label}
    inputMode="decimal"
    placeholder={label.toLowerCase()}
    value={value}
    onChange={({ target }) => onChange(target.value)}
  />
);

interface LineRowProps {
  readonly row: Row;
  readonly proposal: Proposal;
  readonly isFirst: boolean;
  onChange(rest: Partial<Row>): void;
}

/** A line of an entry: an account that is there, or a new one with its type, and an amount on a side. */
export function LineRow({ row, proposal, isFirst, onChange }: LineRowProps) {
  return (
    <div className={styles['line']}>
      <AutoComplete
        size="small"
        aria-label="Account"
        autoFocus={isFirst}
        placeholder="Account"
        value={row.name}
        options={proposal.accounts.map(({ name }) => ({ value: name }))}
        showSearch={{ filterOption: fits }}
        onChange={(name: string) => onChange({ name, type: typeOfName(proposal, name) })}
      />
      <TypeSelect value={row.type} onChange={(type) => onChange({ type })} />
      <AmountField label="Debit" value={row.debit} onChange={(debit) => onChange({ debit })} />
      <AmountField label="Credit" value={row.credit} onChange={(credit) => onChange({ credit })} />
    </div>
  );
}

const fits = (typed: string, option?: { readonly value?: string }): boolean =>
  (option?.value ?? '').toLowerCase().includes(typed.toLowerCase());
