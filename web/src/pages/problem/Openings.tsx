import { formatDecimal, type Proposal } from '@gleddo/core';
import { GuessMark } from '../../platform/figures/GuessMark';
import { TypeSelect } from './TypeSelect';
import { moneySaid } from './ProposedEntry';
import type { Problem } from './use-problem';
import styles from './problem.module.css';

/** What is wrong with balances that are not equal on both sides; null: nothing. */
function faultOf({ opening }: Proposal): string | null {
  const sum = opening.reduce((total, { amount }) => total + amount, 0);
  if (sum === 0) return null;
  const more = formatDecimal(Math.abs(sum), 2);
  return `These balances have ${more} more in ${sum > 0 ? 'debit' : 'credit'}. Look at the types, or mend the text.`;
}

/** The accounts that the text lists, with their opening balances: their types were taken from their names. */
export function Openings({ problem }: { readonly problem: Problem }) {
  const proposal = problem.proposal as Proposal;
  const listed = proposal.accounts.filter(({ isGiven }) => isGiven);
  if (listed.length === 0) return null;
  const fault = faultOf(proposal);
  return (
    <>
      <table className={styles['entry']}>
        <caption>
          <strong>What the text lists</strong>
        </caption>
        <thead className="sr-only">
          <tr>
            <th>Account</th>
            <th>Type</th>
            <th>Debit</th>
            <th>Credit</th>
          </tr>
        </thead>
        <tbody>
          {listed.map((account, at) => (
            <ListedRow key={at} {...{ account, problem }} />
          ))}
        </tbody>
      </table>
      {fault !== null && <p className="notice">{fault}</p>}
    </>
  );
}

interface ListedRowProps {
  readonly account: Proposal['accounts'][number];
  readonly problem: Problem;
}

function ListedRow({ account, problem }: ListedRowProps) {
  const own = problem.proposal?.opening.filter((line) => line.account === account) ?? [];
  const amount = own.reduce((sum, line) => sum + line.amount, 0);
  return (
    <tr>
      <td>
        {account.name}
        {account.isGuess && (
          <>
            <GuessMark />{' '}
            <button
              type="button"
              className={`link-button ${styles['is-right'] ?? ''}`}
              aria-label={`The type of ${account.name} is right`}
              onClick={() => problem.retype(account.name, account.type)}
            >
              right
            </button>
          </>
        )}
      </td>
      <td className={styles['type']}>
        <TypeSelect
          label={`Type of ${account.name}`}
          value={account.type}
          onChange={(type) => problem.retype(account.name, type)}
        />
      </td>
      <td className="figure">{amount > 0 ? moneySaid(amount) : ''}</td>
      <td className="figure">{amount < 0 ? moneySaid(amount) : ''}</td>
    </tr>
  );
}
