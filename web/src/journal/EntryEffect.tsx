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

/** What the entry being typed would do to the statements, before it is recorded. */
export function EntryEffect({ book, entry, isChange, rules, money }: EntryEffectProps) {
  const kind = isChange ? 'change-entry' : 'record-entry';
  const applied = entry && entry.lines.length >= 2 ? apply(book, { kind, entry }, rules) : null;
  if (!entry || !applied?.ok)
    return (
      <p className="quiet">
        As soon as an entry is in balance, this page shows what it does: each account before and
        after, and the profit.
      </p>
    );
  const after = applied.value.book;
  const period = shownPeriod(after);
  const [was, will] = [spreadFigures(book, period), spreadFigures(after, period)];
  const ids = [...new Set(entry.lines.map((line) => line.account))];
  const totals = [
    ['Total assets', was.sheet.totals.assets, will.sheet.totals.assets],
    ['Total liabilities', was.sheet.totals.liabilities, will.sheet.totals.liabilities],
    ['Equity', was.sheet.totals.equity, will.sheet.totals.equity],
    [resultName(after.scheme, 0), was.profit.totals.profit, will.profit.totals.profit],
  ] as const;
  return (
    <table className="lines-table">
      <TableHead names={['Account']} figures={['now', 'then']} />
      <tbody>
        {ids.map((id) => {
          const account = accountOf(after, id);
          const section = account && sectionOfAccount(after, account);
          return (
            <tr key={id}>
              <td>
                {account ? accountLabel(account) : id}
                <div className="mark-says">
                  {section
                    ? `${section.name}, ${statementName(after.scheme, statementOfClass(section.class)).toLowerCase()}`
                    : 'not placed'}
                </div>
              </td>
              <td className="figure quiet">{money(was.amounts.get(id) ?? 0)}</td>
              <td className="figure">{money(will.amounts.get(id) ?? 0)}</td>
            </tr>
          );
        })}
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
