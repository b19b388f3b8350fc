import { trialBalance, type Book } from '@gleddo/core';
import { longDay } from '../figures/days';
import { TableHead } from '../figures/TableHead';
import type { Money } from '../figures/money';
import type { Choice } from './use-choice';

interface TrialBalanceProps {
  readonly book: Book;
  readonly choice: Choice;
  readonly money: Money;
}

export function TrialBalanceSheet({ book, choice, money }: TrialBalanceProps) {
  const { lines, debit, credit } = trialBalance(book, choice.period.to);
  return (
    <>
      <h2>Trial balance</h2>
      <p className="quiet">as at {longDay(choice.period.to)}</p>
      <table className="lines-table">
        <TableHead
          names={[...(book.numberPlan ? ['Number'] : []), 'Account']}
          figures={['Debit', 'Credit']}
        />
        <tbody>
          {lines.map((line) => (
            <tr key={line.account.id}>
              {book.numberPlan && <td>{line.account.number}</td>}
              <td>
                <button
                  type="button"
                  className="link-button"
                  onClick={() => choice.set({ account: line.account.id })}
                >
                  {line.account.name}
                </button>
              </td>
              <td className="figure">{line.debit ? money(line.debit) : ''}</td>
              <td className="figure">{line.credit ? money(line.credit) : ''}</td>
            </tr>
          ))}
          <tr className="total">
            {book.numberPlan && <td />}
            <td>Total</td>
            <td className="figure">{money(debit)}</td>
            <td className="figure">{money(credit)}</td>
          </tr>
        </tbody>
      </table>
    </>
  );
}
