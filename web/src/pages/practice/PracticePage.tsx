import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { DrillAsked, DrillStanding } from '@gleddo/contract';
import { DISTINCTIONS } from '@gleddo/core';
import { Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import { get, post } from '../../platform/api/client';
import { momentText } from '../../platform/figures/days';
import { Asking } from '../../platform/shell/Asking';
import { ButtonLink } from '../../platform/shell/ButtonLink';
import { Refusal } from '../../platform/shell/Refusal';
import { isAhead } from '../../platform/times/times-said';
import { useNow } from '../../platform/times/use-now';
import { Curves } from './Curves';
import styles from './practice.module.css';
import { StartDrill } from './StartDrill';
import { useDrills } from './use-drills';

/** Practice: what is asked of one, drills, exercises done for oneself, and what one tells apart by now. */
export default function PracticePage() {
  const drills = useDrills();
  if (!drills.data) return <Asking of={drills} what="Your practice" />;
  return (
    <>
      <div className="sheet-head">
        <h1>Practice</h1>
      </div>
      <main className="desk">
        <div className={styles['columns']}>
          <div>
            {drills.data.asked.length > 0 && <AskedOfYou asked={drills.data.asked} />}
            <StartDrill />
            <Exercises />
          </div>
          <Standing standing={drills.data} />
        </div>
      </main>
    </>
  );
}

function AskedOfYou({ asked }: { asked: readonly DrillAsked[] }) {
  const begin = useBegin();
  return (
    <section className="paper" aria-label="Asked of you">
      <h2>Asked of you</h2>
      {asked.map(({ id, distinction, exerciseId, title, by }) => (
        <div key={id} className={styles['asked']}>
          <span>
            {distinction === null ? title : DISTINCTIONS[distinction].name}{' '}
            <span className="quiet">by {by}</span>
          </span>
          {distinction === null ? (
            <Button
              type="primary"
              loading={begin.isPending}
              onClick={() => begin.mutate(exerciseId ?? '')}
            >
              Practise it
            </Button>
          ) : (
            <ButtonLink type="primary" to={`/practice/drill?only=${distinction}`}>
              Begin the drill
            </ButtonLink>
          )}
        </div>
      ))}
      <Refusal of={begin} />
    </section>
  );
}

/** Begins a practice of an exercise, and goes there. */
function useBegin() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (exerciseId: string) => post('practices', { exerciseId }),
    onSuccess: ({ id }) => {
      void queries.invalidateQueries({ queryKey: ['practices'] });
      void navigate(`/practice/${id}`);
    },
  });
}

function Exercises() {
  const mine = useQuery({
    queryKey: ['mine'],
    queryFn: () => get('my-exercises'),
    staleTime: 0,
  });
  const begin = useBegin();
  const now = useNow();
  if (!mine.data) return <Asking of={mine} what="Your exercises" />;
  const open = mine.data.filter(({ mayPractise, times }) => mayPractise && !isAhead(times, now));
  return (
    <section className="paper" aria-label="Exercises">
      <h2>Exercises</h2>
      {open.length === 0 && (
        <p className="quiet">
          None of your exercises is for practising yet. Your instructor can open them for it.
        </p>
      )}
      {open.map(({ exerciseId, title, company }) => (
        <div key={exerciseId} className={styles['asked']}>
          <span>
            {title} <span className="quiet">{company}</span>
          </span>
          <Button loading={begin.isPending} onClick={() => begin.mutate(exerciseId)}>
            Begin with new figures
          </Button>
        </div>
      ))}
      <Refusal of={begin} />
      <Begun />
    </section>
  );
}

const MOST_SHOWN = 10;

/** What was begun before, the latest first. */
function Begun() {
  const practices = useQuery({
    queryKey: ['practices'],
    queryFn: () => get('practices'),
    staleTime: 0,
  });
  if (!practices.data || practices.data.length === 0) return null;
  return (
    <>
      <h3>Begun</h3>
      <ul className="plain-list">
        {practices.data.slice(0, MOST_SHOWN).map(({ id, title, begunAt, checked }) => (
          <li key={id}>
            <Link to={`/practice/${id}`}>{title}</Link>{' '}
            <span className="quiet">
              {momentText(begunAt)}
              {checked > 0 && ' · checked'}
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}

function Standing({ standing }: { standing: DrillStanding }) {
  return (
    <section className="paper" aria-label="What you tell apart">
      <h2>What you tell apart</h2>
      {standing.curves.length === 0 ? (
        <p className="quiet">
          Nothing yet. After the first names of a drill it stands here, distinction by distinction.
        </p>
      ) : (
        <Curves curves={standing.curves} />
      )}
    </section>
  );
}
