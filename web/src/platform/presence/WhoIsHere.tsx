import type { OpenKind } from '@gleddo/contract';
import { useWhoIsHere } from './use-who-is-here';
import styles from './presence.module.css';

interface WhoIsHereProps {
  readonly kind: OpenKind;
  readonly id: string;
  readonly page: string;
  readonly revision?: number;
  /** What its pages are called; of one that has no name only who is there is told. */
  readonly pages: ReadonlyMap<string, string>;
}

const initials = (name: string): string =>
  name
    .split(/\s+/)
    .map((word) => word.slice(0, 1))
    .join('')
    .slice(0, 2);

/** Which colleagues have the same open, and on which page; nothing where nobody has. */
export function WhoIsHere({ pages, ...open }: WhoIsHereProps) {
  const others = useWhoIsHere(open);
  return (
    <ul className={styles['here']} aria-label="Who else is here" aria-live="polite">
      {others.map(({ name, page }) => {
        const where = pages.get(page);
        return (
          <li key={name} className={page === open.page ? styles['on-this'] : ''}>
            <span className={styles['initials']} aria-hidden="true">
              {initials(name)}
            </span>
            {name} is here{where === undefined ? '' : `, on ${where}`}
          </li>
        );
      })}
    </ul>
  );
}
