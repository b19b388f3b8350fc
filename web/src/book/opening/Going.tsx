import {
  accountLabel,
  NEW_ACCOUNT,
  NOWHERE,
  openingOf,
  proposedGoing,
  sum,
  takingOpenings,
  type BalanceFound,
  type Goes,
  type SourceBalances,
} from '@gleddo/core';
import { Button, Select } from 'antd';
import { useMemo, useState } from 'react';
import { useBookStore, useOpenBook } from '../open-book/open-book';
import { BY_LABEL } from '../../platform/figures/by-label';
import { moneyWith } from '../../platform/figures/money';
import { TableHead } from '../../platform/figures/TableHead';
import { accountOptions } from '../journal/account-options';
import { Refusal } from '../../platform/shell/Refusal';

interface GoingProps {
  readonly found: readonly BalanceFound[];
  /** The day of the balances; null: the book's own stays. */
  readonly at: string | null;
  /** What the balances are called where they lie beside. */
  readonly title: string;
  readonly ends: TakingEnds;
}

/** How taking balances ends: they are opening balances now, or lie beside to be copied by hand. */
export interface TakingEnds {
  onDone(): void;
  onBeside(source: SourceBalances): void;
}

/** Which balance goes to which account: as numbers and names tell, and as one chooses otherwise. */
export function Going({ found, at, title, ends }: GoingProps) {
  const store = useBookStore();
  const { book } = useOpenBook();
  const proposed = useMemo(() => proposedGoing(book, found), [book, found]);
  const [chosen, setChosen] = useState<ReadonlyMap<number, Goes>>(new Map());
  const [refused, setRefused] = useState<readonly string[]>([]);
  const going = new Map([...proposed, ...chosen]);
  const taken = found.filter(({ row }) => (going.get(row) ?? NOWHERE) !== NOWHERE);
  const take = () => {
    const { refusals } = store.change(takingOpenings(book, found, { going, at }));
    setRefused(refusals.map((each) => each.says));
    if (refusals.length === 0) ends.onDone();
  };
  return (
    <>
      <Rows
        {...{ found, going }}
        onChoose={(row, goes) => setChosen(new Map([...chosen, [row, goes]]))}
      />
      <Refusal says={refused} />
      <div className="slip-actions">
        <Totals taken={taken} going={going} />
        <Button
          className="last"
          disabled={found.length === 0}
          onClick={() => ends.onBeside({ title, rows: found, going })}
          title="It stays beside the pages, to be copied by hand and ticked off."
        >
          Lay it beside
        </Button>
        <Button type="primary" disabled={taken.length === 0} onClick={take}>
          Take {taken.length} of {found.length} balances
        </Button>
      </div>
    </>
  );
}

interface RowsProps {
  readonly found: readonly BalanceFound[];
  readonly going: ReadonlyMap<number, Goes>;
  onChoose(row: number, goes: Goes): void;
}

function Rows({ found, going, onChoose }: RowsProps) {
  const { book } = useOpenBook();
  const options = useMemo(
    () => [
      { value: NOWHERE, label: 'nowhere: not found here' },
      { value: NEW_ACCOUNT, label: 'a new account of that name' },
      ...accountOptions(book, ''),
    ],
    [book],
  );
  const money = moneyWith(
    book,
    found.map(({ amount }) => amount),
  );
  return (
    <div className="understood" role="region" aria-label="Row by row" tabIndex={0}>
      <table className="lines-table">
        <TableHead names={['There', 'Goes to']} figures={['Debit', 'Credit']} />
        <tbody>
          {found.map((each) => (
            <tr key={each.row}>
              <td>{[each.number, each.name].filter(Boolean).join(' ')}</td>
              <td>
                <Where
                  {...{ each, options, goes: going.get(each.row) ?? NOWHERE }}
                  onChoose={(goes) => onChoose(each.row, goes)}
                />
              </td>
              <td className="figure">{each.amount > 0 ? money(each.amount) : ''}</td>
              <td className="figure">{each.amount < 0 ? money(-each.amount) : ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface WhereProps {
  readonly each: BalanceFound;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly goes: Goes;
  onChoose(goes: Goes): void;
}

const Where = ({ each, options, goes, onChoose }: WhereProps) => (
  <Select
    size="small"
    aria-label={`Where ${each.name} goes`}
    style={{ width: '17.5rem' }}
    showSearch={BY_LABEL}
    value={goes}
    options={[...options]}
    onChange={onChoose}
  />
);

/** What is taken, whether it is in balance, and what of the chart it does not say. */
interface TotalsProps {
  readonly taken: readonly BalanceFound[];
  readonly going: ReadonlyMap<number, Goes>;
}

function Totals({ taken, going }: TotalsProps) {
  const { book } = useOpenBook();
  const apart = sum(taken.map(({ amount }) => amount));
  const money = moneyWith(book, [apart]);
  const replaced = new Set(going.values());
  const left = book.accounts.find(({ id }) => openingOf(book, id) !== 0 && !replaced.has(id));
  return (
    <span role="status" className={apart === 0 ? 'is-met' : 'is-notice'}>
      {apart === 0
        ? '✓ What is taken is in balance.'
        : `What is taken has ${money(Math.abs(apart))} more in ${apart > 0 ? 'debit' : 'credit'}.`}
      {book.entries.length > 0 && (
        <span className="quiet">
          {' '}
          Entries are recorded already: this alters what was reported before them.
        </span>
      )}
      {left && (
        <span className="quiet">
          {' '}
          What accounts open at that are not taken, such as “{accountLabel(left)}”, stays.
        </span>
      )}
    </span>
  );
}
