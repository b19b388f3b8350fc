import { useQuery } from '@tanstack/react-query';
import type { ComingTime, Today, WorksWaiting } from '@gleddo/contract';
import { lastsSaid, momentSaid } from '@gleddo/core';
import dayjs from 'dayjs';
import { Link } from 'react-router';
import { get } from '../../platform/api/client';
import { Asking } from '../../platform/shell/Asking';
import { useNow } from '../../platform/times/use-now';
import { FirstPictures } from './FirstPictures';
import { FirstSteps } from './FirstSteps';
import { leadsTo, waitsSays } from './waits-says';
import { Sample } from './Sample';
import styles from './today.module.css';

/** What one comes in to: what waits, what opens and closes within days, and where to begin. */
export default function TodayPage() {
  const today = useQuery({ queryKey: ['today'], queryFn: () => get('today'), staleTime: 0 });
  return (
    <>
      <div className="sheet-head">
        <h1>{dayjs().format('dddd D MMMM')}</h1>
      </div>
      {today.data ? <Waiting today={today.data} /> : <Asking of={today} what="Today" />}
    </>
  );
}

function Waiting({ today }: { readonly today: Today }) {
  const isBeginning = today.has.handedOut === 0;
  return (
    <main className="desk">
      <div className="columns wide-left">
        <div>
          {isBeginning && <FirstSteps has={today.has} />}
          {!(isBeginning && today.waits.length === 0) && <WaitsForYou waits={today.waits} />}
        </div>
        <div>
          {isBeginning ? (
            <>
              <Sample sample={today.sample} />
              <FirstPictures />
            </>
          ) : (
            <>
              <ThisWeek today={today} />
              <Begin />
              {today.sample && <Sample sample={today.sample} />}
            </>
          )}
        </div>
      </div>
    </main>
  );
}

function WaitsForYou({ waits }: Pick<Today, 'waits'>) {
  return (
    <section className="paper" aria-label="Waits for you">
      <h2>Waits for you</h2>
      {waits.length === 0 && (
        <p className="quiet">Nothing waits. Every work that is in is given back.</p>
      )}
      <ul className={styles['rows']}>
        {waits.map((each, i) => (
          <Wait key={each.exerciseId} of={each} isFirst={i === 0} />
        ))}
      </ul>
    </section>
  );
}

function Wait({ of, isFirst }: { readonly of: WorksWaiting; readonly isFirst: boolean }) {
  const { to, name } = leadsTo(of);
  return (
    <li>
      <div>
        <strong>{of.title}</strong>
        <span className="quiet">{waitsSays(of)}</span>
      </div>
      <Link
        to={to}
        className={isFirst ? `${styles['act'] ?? ''} ${styles['first'] ?? ''}` : styles['act']}
        aria-label={`${name}: ${of.title}`}
      >
        {name}
      </Link>
    </li>
  );
}

function ThisWeek({ today: { coming, zone } }: { readonly today: Today }) {
  const now = useNow();
  return (
    <section className="paper" aria-label="This week">
      <h2>This week</h2>
      {coming.length === 0 && <p className="quiet">Nothing opens or closes within eight days.</p>}
      <ul className={styles['rows']}>
        {coming.map((each) => (
          <Coming key={`${each.exerciseId} ${each.what} ${each.group}`} {...{ each, zone, now }} />
        ))}
      </ul>
      <p>
        <Link to="/term">The whole term</Link>
      </p>
    </section>
  );
}

interface ComingProps {
  readonly each: ComingTime;
  readonly zone: string;
  readonly now: number;
}

function Coming({ each, zone, now }: ComingProps) {
  const { at, what, title, group, students, handedIn, exerciseId } = each;
  const moment = Date.parse(at);
  return (
    <li>
      <div>
        <strong>
          {momentSaid(moment, zone, now)}
          <span className="quiet"> in {lastsSaid(moment - now)}</span>
        </strong>
        <span className="quiet">
          <Link to={`/exercises/${exerciseId}/hand-out`}>{title}</Link> {what} · {group}
        </span>
      </div>
      {what === 'closes' && (
        <span className={styles['count']}>
          {handedIn} of {students} in
        </span>
      )}
    </li>
  );
}

const Begin = () => (
  <section className="paper" aria-label="Begin">
    <h2>Begin</h2>
    <div className={styles['begin']}>
      <Link to="/companies/new" className={styles['act']}>
        New company
      </Link>
      <Link to="/exercises" className={styles['act']}>
        Make an exercise
      </Link>
      <Link to="/exercises/shelf" className={styles['act']}>
        An exercise from the shelf
      </Link>
      <Link to="/exercises/from-a-text" className={styles['act']}>
        From a problem’s text
      </Link>
      <Link to="/groups" className={styles['act']}>
        A class list
      </Link>
    </div>
  </section>
);
