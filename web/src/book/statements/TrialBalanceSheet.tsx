import { trialMovement, type Amount, type Book } from '@gleddo/core';
import { useDays } from '../../platform/figures/written-days';
import type { Money } from '../../platform/figures/money';
import { TableHead } from '../../platform/figures/TableHead';
import { TrialForms } from './TrialForms';
import type { Choice } from './use-choice';
import { useNumbered } from '../open-book/withheld';

interface TrialBalanceProps {
  readonly book: Book;
  readonly choice: Choice;
  readonly money: Money;
}

const FIGURES = ['Opening', 'Moved, debit', 'Moved, credit', 'Debit', 'Credit'];

/** Every account: how it stood, what moved it in the period, and on which side it stands. */
export function TrialBalanceSheet({ book, choice, money }: TrialBalanceProps) {
  const { longDay } = useDays();
  const { period } = choice;
  const { lines, debit, credit } = trialMovement(book, period);
  const numbered = useNumbered(book);
  const total = lines.map(({ closing }) => closing).reduce(addSides, [0, 0] as const);
  return (
    <>
      <h2>Trial balance</h2>
      <TrialForms choice={choice} />
      <p className="quiet">
        as at {longDay(period.to)}; moved since {longDay(period.from)}; a credit before it in
        parentheses
      </p>
      <table className="lines-table">
        <TableHead names={[...(numbered ? ['Number'] : []), 'Account']} figures={FIGURES} />
        <tbody>
          {lines.map((line) => (
            <AccountLine key={line.account.id} {...{ book, choice, money, line }} />
          ))}
          <tr className="total">
            {numbered && <td />}
            <td>Total</td>
            <Figures of={[0, debit, credit, ...total]} money={money} />
          </tr>
        </tbody>
      </table>
    </>
  );
}

type AccountLineProps = TrialBalanceProps & {
  readonly line: ReturnType<typeof trialMovement>['lines'][number];
};

function AccountLine({ book, choice, money, line }: AccountLineProps) {
  const { account, opening, debit, credit, closing } = line;
  const numbered = useNumbered(book);
  const sides = [Math.max(closing, 0), Math.max(-closing, 0)];
  return (
    <tr>
      {numbered && <td>{account.number}</td>}
      <td>
        <button
          type="button"
          className="link-button"
          data-figure-of={account.id}
          onClick={() => choice.set({ account: account.id })}
        >
          {account.name}
        </button>
      </td>
      <Figures of={[opening, debit, credit, ...sides]} money={money} />
    </tr>
  );
}

const addSides = ([debit, credit]: readonly [Amount, Amount], amount: Amount) =>
  [debit + Math.max(amount, 0), credit + Math.max(-amount, 0)] as const;

function Figures({ of, money }: { of: readonly Amount[]; money: Money }) {
  return of.map((amount, i) => (
    <td key={FIGURES[i]} className="figure">
      {amount === 0 ? '' : money(amount)}
    </td>
  ));
}
