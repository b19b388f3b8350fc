import { accountLabel, accountOf, type Account, type AccountGoes, type Book } from '@gleddo/core';
import { Input, Select } from 'antd';
import { BY_LABEL } from '../../platform/figures/by-label';

interface GoesTableProps {
  readonly book: Book;
  readonly goes: readonly AccountGoes[];
  onGoes(goes: readonly AccountGoes[]): void;
}

const WAYS = [
  { value: 'stays', label: 'stays' },
  { value: 'becomes', label: 'becomes' },
  { value: 'leaves', label: 'stays behind' },
];

/** Which account goes where: it stays, becomes another, or stays behind. */
export function GoesTable({ book, goes, onGoes }: GoesTableProps) {
  const put = (at: number, to: AccountGoes) =>
    onGoes(goes.map((each, i) => (i === at ? to : each)));
  return (
    <div style={{ maxHeight: '18.75rem', overflowY: 'auto' }} tabIndex={0} aria-label="Accounts">
      <table className="lines-table">
        <tbody>
          {goes.map((each, i) => (
            <GoesRow key={each.account} {...{ book, each }} onChange={(to) => put(i, to)} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface GoesRowProps {
  readonly book: Book;
  readonly each: AccountGoes;
  onChange(to: AccountGoes): void;
}

function GoesRow({ book, each, onChange }: GoesRowProps) {
  const account = accountOf(book, each.account);
  if (!account) return null;
  return (
    <tr>
      <td>{accountLabel(account)}</td>
      <td>
        <Select
          size="small"
          aria-label={`Where ${account.name} goes`}
          style={{ width: '7.5rem' }}
          value={each.goes}
          options={WAYS}
          onChange={(goes: AccountGoes['goes']) => onChange({ account: each.account, goes })}
        />
      </td>
      <td>{each.goes === 'becomes' && <Becomes {...{ book, each, account, onChange }} />}</td>
    </tr>
  );
}

const Becomes = ({ book, each, account, onChange }: GoesRowProps & { account: Account }) => (
  <>
    <Input
      size="small"
      aria-label={`New name of ${account.name}`}
      style={{ width: '10.625rem' }}
      maxLength={120}
      value={each.name ?? account.name}
      onChange={(event) => onChange({ ...each, name: event.target.value })}
    />{' '}
    <Select
      size="small"
      aria-label={`New type of ${account.name}`}
      style={{ width: '10.625rem' }}
      showSearch={BY_LABEL}
      value={each.type ?? account.type ?? ''}
      options={book.scheme.types.map(({ id, name }) => ({ value: id, label: name }))}
      onChange={(type: string) => onChange({ ...each, type })}
    />
  </>
);
