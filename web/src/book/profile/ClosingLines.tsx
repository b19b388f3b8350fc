import { accountLabel, accountOf, type Book, type Entry } from '@gleddo/core';
import { moneyWith } from '../../platform/figures/money';
import { TableHead } from '../../platform/figures/TableHead';

/** Entries as they would stand in the journal. */
export function ClosingLines({ book, entries }: { book: Book; entries: readonly Entry[] }) {
  const amounts = entries.flatMap(({ lines }) => lines.map(({ amount }) => amount));
  const money = moneyWith(book, amounts);
  const nameOf = (id: string) => {
    const account = accountOf(book, id);
    return account ? accountLabel(account) : id;
  };
  return (
    <table className="lines-table">
      <TableHead names={['Account']} figures={['Debit', 'Credit']} />
      {entries.map(({ id, text, lines }) => (
        <tbody key={id}>
          <tr className="group">
            <td colSpan={3}>{text}</td>
          </tr>
          {lines.map(({ account, amount }) => (
            <tr key={account}>
              <td style={amount < 0 ? { paddingInlineStart: 18 } : {}}>{nameOf(account)}</td>
              <td className="figure">{amount > 0 ? money(amount) : ''}</td>
              <td className="figure">{amount < 0 ? money(-amount) : ''}</td>
            </tr>
          ))}
        </tbody>
      ))}
    </table>
  );
}
