import {
  accountLabel,
  accountOf,
  apply,
  chargedOn,
  chargedOnSays,
  sectionOfAccount,
  shownPeriod,
  resultName,
  spreadFigures,
  statementName,
  statementOfClass,
  type Amount,
  type Book,
  type Entry,
  type Operation,
  type Rules,
  type SpreadFigures,
} from '@gleddo/core';
import { useDeferredValue, useMemo } from 'react';
import { moneyOf, type Money } from '../../platform/figures/money';
import { TableHead } from '../../platform/figures/TableHead';

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
    // The day is told where it is typed.
    const notices = applied.value.notices().filter(({ at }) => at !== 'date');
    return { made, after, notices, was, will: spreadFigures(after, shownPeriod(after)) };
  }, [said, book, rules, was]);
}

/** What is being typed would do to the statements, before it is recorded. */
export function EntryEffect(props: EntryEffectProps) {
  const effect = useEffectOf(props);
  if (!effect || 'why' in effect)
    return <p className="quiet">{(props.saysWhy && effect?.why) || props.until}</p>;
  const money = moneyOf(props.book, effect.after);
  return (
    <>
      <EffectTable {...effect} money={money} />
      <Onwards {...effect} money={money} />
      {effect.notices.map(({ says }) => (
        <p key={says} className="notice">
          {says}
        </p>
      ))}
    </>
  );
}

/** What of it others bear, so that more is to be recorded. */
function Onwards({ made, after, money }: Pick<EffectTableProps, 'made' | 'after' | 'money'>) {
  return made
    .flatMap((entry) => chargedOn(after, entry))
    .map((one, i) => (
      <p key={i} className="notice">
        {chargedOnSays(one, money(one.amount))}
      </p>
    ));
}

interface WhatTheyDidProps {
  readonly book: Book;
  /** Entries that stand in it. */
  readonly entries: readonly Entry[];
}

/** What recorded entries did to the statements: the figures without them, and with them. */
export function WhatTheyDid({ book, entries }: WhatTheyDidProps) {
  const effect = useMemo(() => {
    const period = shownPeriod(book);
    const done = new Set(entries);
    const before = { ...book, entries: book.entries.filter((each) => !done.has(each)) };
    return { was: spreadFigures(before, period), will: spreadFigures(book, period) };
  }, [book, entries]);
  if (entries.length === 0) return null;
  return <EffectTable {...effect} made={entries} after={book} money={moneyOf(book)} />;
}

interface EffectTableProps {
  readonly made: readonly Entry[];
  readonly after: Book;
  readonly was: SpreadFigures;
  readonly will: SpreadFigures;
  readonly money: Money;
}

/** The lines of both statements that moved: section by section, before and after. */
const sectionsMoved = (was: SpreadFigures, will: SpreadFigures) => {
  const before = new Map(
    [...was.sheet.sections, ...was.profit.sections].map(({ id, total }) => [id, total]),
  );
  return [...will.sheet.sections, ...will.profit.sections]
    .map(({ id, name, total }) => [name, before.get(id) ?? 0, total] as const)
    .filter(([, then, now]) => then !== now);
};

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
        <Moved name="Sections" rows={sectionsMoved(was, will)} money={money} />
        <Moved name="Totals" rows={totals} money={money} />
      </tbody>
    </table>
  );
}

interface MovedProps {
  readonly name: string;
  readonly rows: readonly (readonly [name: string, before: Amount, after: Amount])[];
  readonly money: Money;
}

function Moved({ name, rows, money }: MovedProps) {
  if (rows.length === 0) return null;
  return (
    <>
      <tr className="group">
        <td colSpan={3}>{name}</td>
      </tr>
      {rows.map(([line, before, then]) => (
        <tr key={line}>
          <td>{line}</td>
          <td className="figure quiet">{money(before)}</td>
          <td className="figure">
            {then === before ? <span className="quiet">unchanged</span> : money(then)}
          </td>
        </tr>
      ))}
    </>
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
