import { cashFlow, resultName, type Book, type FlowActivity, type FlowLine } from '@gleddo/core';
import { periodText } from '../figures/days';
import type { Money } from '../figures/money';
import type { Choice } from './use-choice';

const PARTS: readonly (readonly [FlowActivity, string])[] = [
  ['operating', 'Operating activities'],
  ['investing', 'Investing activities'],
  ['financing', 'Financing activities'],
];

export function CashFlowSheet({
  book,
  choice,
  money,
}: {
  book: Book;
  choice: Choice;
  money: Money;
}) {
  const flow = cashFlow(book, choice.period);
  const profit = { name: resultName(book.scheme, flow.profit), amount: flow.profit };
  return (
    <>
      <h2>Cash flow</h2>
      <p className="quiet">{periodText(choice.period)}, by the indirect method</p>
      <table className="lines-table">
        <tbody>
          {PARTS.map(([part, name]) => (
            <Part
              key={part}
              name={name}
              profit={part === 'operating' ? profit : null}
              lines={flow.lines[part]}
              total={flow[part]}
              money={money}
            />
          ))}
          <tr className="total">
            <td>Movement of bank and cash</td>
            <td className="figure">{money(flow.movement)}</td>
          </tr>
        </tbody>
      </table>
    </>
  );
}

interface PartProps {
  readonly name: string;
  /** The result that this part begins from, with its name; null in the others. */
  readonly profit: { readonly name: string; readonly amount: number } | null;
  readonly lines: readonly FlowLine[];
  readonly total: number;
  readonly money: Money;
}

function Part({ name, profit, lines, total, money }: PartProps) {
  return (
    <>
      <tr className="group">
        <td>{name}</td>
        <td className="figure">{money(total)}</td>
      </tr>
      {profit !== null && (
        <tr>
          <td>{profit.name}</td>
          <td className="figure">{money(profit.amount)}</td>
        </tr>
      )}
      {lines.map(({ account, amount, pointedOut }) => (
        <tr key={account.id}>
          <td>
            {account.name}
            {pointedOut && <span className="mark-says"> moved otherwise than by closing</span>}
          </td>
          <td className="figure">{money(amount)}</td>
        </tr>
      ))}
    </>
  );
}
