import { defensible, type AcceptedFile, type Account, type Book } from '@gleddo/core';
import { defended } from './defended';
import styles from './also-right.module.css';

interface DefensibleProps {
  readonly book: Book;
  /** The accounts of which nothing is said yet. */
  readonly of: readonly Account[];
  onChange(rule: AcceptedFile): void;
}

const MOST_OFFERED = 24;

/** Judgement calls of the trade that nobody has decided: a second place that can be defended, one click each. */
export function Defensible({ book: { scheme }, of, onChange }: DefensibleProps) {
  const offers = of
    .map((account) => ({ account, types: defensible(scheme, account.type) }))
    .filter(({ types }) => types.length > 0);
  if (offers.length === 0) return null;
  const accept = ({ id, type }: Account, also: string) =>
    onChange({ account: id, ...defended(scheme, type, { now: {}, also }) });
  return (
    <section aria-label="Can be defended" className={styles['defensible']}>
      <h3>A second place can be defended, one click takes it</h3>
      <ul>
        {offers.slice(0, MOST_OFFERED).map(({ account, types }) => (
          <li key={account.id}>
            {account.name}:
            {types.map(({ id, name }) => (
              <button
                key={id}
                type="button"
                className="link-button"
                aria-label={`${name} can be defended, too, for ${account.name}`}
                onClick={() => accept(account, id)}
              >
                {name}
              </button>
            ))}
          </li>
        ))}
      </ul>
      {offers.length > MOST_OFFERED && (
        <p className="quiet">
          And {offers.length - MOST_OFFERED} more: say something of them below.
        </p>
      )}
    </section>
  );
}
