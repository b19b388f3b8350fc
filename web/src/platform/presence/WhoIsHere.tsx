import type { OpenKind, OtherHere } from '@gleddo/contract';
import { initialsOf } from '../figures/initials';
import { Told } from '../shell/Told';
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

/** Which colleagues have the same open, and on which page; nothing where nobody has. */
export function WhoIsHere({ pages, ...open }: WhoIsHereProps) {
  const others = useWhoIsHere(open);
  const said = ({ name, page }: OtherHere) => {
    const where = pages.get(page);
    return `${name} is here${where === undefined ? '' : `, on ${where}`}`;
  };
  return (
    <>
      <Told says={others.map((each) => `${said(each)}.`).join(' ')} />
      {others.length > 0 && (
        <ul className={styles['here']} aria-label="Who else is here">
          {others.map((each, i) => (
            <li key={i} className={each.page === open.page ? styles['on-this'] : ''}>
              <span className={styles['initials']} aria-hidden="true">
                {initialsOf(each.name)}
              </span>
              {said(each)}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
