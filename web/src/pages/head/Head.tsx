import type { Me } from '@gleddo/contract';
import { Suspense, useState } from 'react';
import { Link, NavLink } from 'react-router';
import { lazyView } from '../../platform/shell/lazy-view';
import { GoTo } from './GoTo';
import { PageHelp } from './PageHelp';
import { Initials } from './Initials';
import { PAGES } from './pages-of';
import styles from './head.module.css';

const OF_THE_HEAD = [
  ['/people', 'People'],
  ['/house', 'House'],
] as const;

const MENU = lazyView(() => import('./PersonMenu').then(({ PersonMenu }) => PersonMenu));

/** The head of every screen: where one can go, a way to go anywhere by typing, and who is signed in. */
export function Head({ me }: { me: Me }) {
  return (
    <header className={styles['bar']}>
      <Link className={styles['wordmark']} to="/">
        Gleddo<span>.</span>
      </Link>
      <nav aria-label="Main">
        {[...PAGES[me.role], ...(me.isHead ? OF_THE_HEAD : [])].map(([to, name]) => (
          <NavLink key={to} to={to}>
            {name}
          </NavLink>
        ))}
      </nav>
      <div className={styles['spacer']} />
      <GoTo me={me} />
      <PageHelp me={me} />
      <Person me={me} />
    </header>
  );
}

function Person({ me }: { me: Me }) {
  const [isWanted, setWanted] = useState(false);
  const shut = <Initials me={me} onClick={() => setWanted(true)} onPointerEnter={MENU.ahead} />;
  if (!isWanted) return shut;
  return (
    <Suspense fallback={shut}>
      <MENU.View me={me} />
    </Suspense>
  );
}
