import {
  nearType,
  shortDay,
  typeOf,
  type ProposedEntry as Entry,
  type Scheme,
  PLAIN_WRITING,
  amountSaid,
} from '@gleddo/core';
import styles from './problem.module.css';

const IN_HUNDREDTHS = { ...PLAIN_WRITING, digits: 2 };

/** An amount in hundredths, without them where it has none. */
export const moneySaid = (amount: number): string => amountSaid(amount, IN_HUNDREDTHS);

type Line = Entry['lines'][number];

interface LineProps {
  readonly line: Line;
  readonly scheme: Scheme;
}

const typeName = (scheme: Scheme, type: string): string =>
  (typeOf(scheme, type)?.name ?? type).toLowerCase();

/** An account with its type beside it: asked where it is a guess. */
function AccountSaid({ line: { account }, scheme }: LineProps) {
  const near = nearType(account.type);
  const isSaid = typeName(scheme, account.type) === account.name.toLowerCase();
  return (
    <>
      {account.name}{' '}
      {account.isGuess ? (
        <span className={styles['guess']}>
          {typeName(scheme, account.type)}
          {near && ` or ${typeName(scheme, near)}`}?
        </span>
      ) : (
        !isSaid && <span className="mark-says">{typeName(scheme, account.type)}</span>
      )}
    </>
  );
}

/** An entry as it is proposed: what it debits, then what it credits, further in. */
export function ProposedEntry({
  entry,
  scheme,
}: {
  readonly entry: Entry;
  readonly scheme: Scheme;
}) {
  const debits = entry.lines.filter(({ amount }) => amount > 0);
  const credits = entry.lines.filter(({ amount }) => amount < 0);
  return (
    <table className={styles['entry']}>
      <caption>
        <strong>{shortDay(entry.date)}</strong> {entry.text}
      </caption>
      <thead className="sr-only">
        <tr>
          <th>Account</th>
          <th>Debit</th>
          <th>Credit</th>
        </tr>
      </thead>
      <tbody>
        {[...debits, ...credits].map((line, at) => (
          <tr key={at}>
            <td className={line.amount < 0 ? styles['credited'] : ''}>
              <AccountSaid {...{ line, scheme }} />
            </td>
            <td className="figure">{line.amount > 0 ? moneySaid(line.amount) : ''}</td>
            <td className="figure">{line.amount < 0 ? moneySaid(line.amount) : ''}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
