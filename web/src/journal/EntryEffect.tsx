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
  type Operation,
  type Rules,
} from '@gleddo/core';
import { useDeferredValue, useMemo } from 'react';
import { moneyOf, type Money } from '../figures/money';
import { TableHead } from '../figures/TableHead';

interface EntryEffectProps {
  readonly book: Book;
  /** What would be recorded; null while what is typed is not whole yet. What is said in words should be left out. */
  readonly operation: Operation | null;
  readonly rules: Rules;
  /** What stands here until then. */
  readonly until: string;
  /** Whether it is said why it could not be recorded. */
  readonly saysWhy?: boolean;
}

/** The entries that a change makes, or makes anew. */
function entriesSince(before: Book, after: Book): Entry[] {
  const known = new Set(before.entries);
  return after.entries.filter((entry) => !known.has(entry));
}

/** What a change would do: the figures now, and then; null while it could not be done. */
function useEffectOf({ book, operation, rules }: EntryEffectProps) {
  const said = useDeferredValue(operation && JSON.stringify(operation));
  const was = useMemo(() => spreadFigures(book, shownPeriod(book)), [book]);
  return useMemo(() => {
    if (said === null) return null;
    const applied = apply(book, JSON.parse(said) as Operation, rules);
    if (!applied.ok) return { why: applied.refusals[0]?.says ?? '' };
    const after = applied.value.book;
    const made = entriesSince(book, after);
    return { made, after, was, will: spreadFigures(after, shownPeriod(after)) };
  }, [said, book, rules, was]);
}

/** What is being typed would do to the statements, before it is recorded. */
export function EntryEffect(props: EntryEffectProps) {
  const effect = useEffectOf(props);
  if (!effect || 'why' in effect)
    return <p className="quiet">{(props.saysWhy && effect?.why) || props.until}</p>;
  return <EffectTable {...effect} money={moneyOf(props.book, effect.after)} />;
}

type Effect = Exclude<NonNullable<ReturnType<typeof useEffectOf>>, { why: string }>;
type EffectTableProps = Effect & { readonly money: Money };

function EffectTable({ made, after, was, will, money }: EffectTableProps) {
  const ids = [...new Set(made.flatMap(({ lines }) => lines.map((line) => line.account)))];
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
