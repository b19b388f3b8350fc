import {
  accountLabel,
  accountOf,
  apply,
  sectionOfAccount,
  shownPeriod,
  resultName,
  spreadFigures,
  statementName,
  statementOfClass,
  type Book,
  type Entry,
  type Rules,
} from '@gleddo/core';
import { useDeferredValue, useMemo } from 'react';
import type { Money } from '../figures/money';
import { TableHead } from '../figures/TableHead';

interface EntryEffectProps {
  readonly book: Book;
  /** Null while what is typed is not an entry yet. */
  readonly entry: Entry | null;
  readonly isChange: boolean;
  readonly rules: Rules;
  readonly money: Money;
}

/** What an entry would do: the figures now, and then; null while it could not be recorded. */
function useEffectOf({ book, entry, isChange, rules }: EntryEffectProps) {
  const bare = entry && JSON.stringify({ ...entry, text: '', reference: '' });
  const said = useDeferredValue(bare);
  const was = useMemo(() => spreadFigures(book, shownPeriod(book)), [book]);
  return useMemo(() => {
    const read = said === null ? null : (JSON.parse(said) as Entry);
    if (read === null || read.lines.length < 2) return null;
    const kind = isChange ? 'change-entry' : 'record-entry';
    const applied = apply(book, { kind, entry: read }, rules);
    if (!applied.ok) return null;
    const after = applied.value.book;
    return { entry: read, after, was, will: spreadFigures(after, shownPeriod(after)) };
  }, [said, isChange, book, rules, was]);
}

/** What the entry being typed would do to the statements, before it is recorded. */
export function EntryEffect(props: EntryEffectProps) {
  const effect = useEffectOf(props);
  if (!effect)
    return (
      <p className="quiet">
        As soon as an entry is in balance, this page shows what it does: each account before and
        after, and the profit.
      </p>
    );
  return <EffectTable {...effect} money={props.money} />;
}

type EffectTableProps = NonNullable<ReturnType<typeof useEffectOf>> & { readonly money: Money };

function EffectTable({ entry, after, was, will, money }: EffectTableProps) {
  const ids = [...new Set(entry.lines.map((line) => line.account))];
  const totals = [
    ['Total assets', was.sheet.totals.assets, will.sheet.totals.assets],
    ['Total liabilities', was.sheet.totals.liabilities, will.sheet.totals.liabilities],
    ['Total equity', was.sheet.totals.equity, will.sheet.totals.equity],
    [resultName(after.scheme, 0), was.profit.totals.profit, will.profit.totals.profit],
  ] as const;
  return (
    <table className="lines-table">
      <TableHead names={['Account']} figures={['before', 'after']} />
      <tbody>
        {ids.map((id) => (
          <tr key={id}>
            <td>
              <AccountSays book={after} id={id} />
            </td>
            <td className="figure quiet">{money(was.amounts.get(id) ?? 0)}</td>
            <td className="figure">{money(will.amounts.get(id) ?? 0)}</td>
          </tr>
        ))}
        <tr className="group">
          <td colSpan={3}>Totals</td>
        </tr>
        {totals.map(([name, before, then]) => (
          <tr key={name}>
            <td>{name}</td>
            <td className="figure quiet">{money(before)}</td>
            <td className="figure">
              {then === before ? <span className="quiet">unchanged</span> : money(then)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** An account by its label, and where it stands. */
function AccountSays({ book, id }: { book: Book; id: string }) {
  const account = accountOf(book, id);
  const section = account && sectionOfAccount(book, account);
  return (
    <>
      {account ? accountLabel(account) : id}
      <div className="mark-says">
        {section
          ? `${section.name}, ${statementName(book.scheme, statementOfClass(section.class)).toLowerCase()}`
          : 'not placed'}
      </div>
    </>
  );
}
