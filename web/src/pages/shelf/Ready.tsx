import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ReadyShown } from '@gleddo/contract';
import { exerciseFromJson, type Exercise } from '@gleddo/core';
import { Button } from 'antd';
import { Fragment, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { get, post } from '../../platform/api/client';
import { Brief } from '../../book/words/Brief';
import { Asking } from '../../platform/shell/Asking';
import { Refusal } from '../../platform/shell/Refusal';
import { GuidePreview } from '../steps/GuidePreview';
import { sizeOf } from './ready-words';
import styles from './shelf.module.css';

/** One of the shelf, looked at: what it says, its steps as students see them, and taken. */
export function Ready({ ready }: { ready: ReadyShown }) {
  const whole = useQuery({
    queryKey: ['shelf', ready.id],
    queryFn: async () => {
      const read = exerciseFromJson(await get(`shelf/${ready.id}`));
      if (!read.ok) throw new Error(read.refusals[0]?.says);
      return read.value;
    },
    staleTime: Infinity,
  });
  return (
    <div className="columns">
      <div className="paper">
        <About ready={ready} />
        <Taking ready={ready} />
        <Taken ready={ready} />
        {whole.data && <Brief text={whole.data.brief} />}
      </div>
      {whole.data ? <Steps of={whole.data} /> : <Asking of={whole} what="Its steps" />}
    </div>
  );
}

const About = ({ ready }: { ready: ReadyShown }) => (
  <>
    <p className={styles['about']}>{ready.says}</p>
    <p className="quiet">
      {ready.company}: {ready.trade.toLowerCase()} · {sizeOf(ready)}
    </p>
  </>
);

/** What one made of it before: found again, rather than taken once more. */
function Taken({ ready }: { ready: ReadyShown }) {
  const exercises = useQuery({ queryKey: ['exercises'], queryFn: () => get('exercises') });
  const own = (exercises.data ?? []).filter((each) => each.ready === ready.id && !each.putAway);
  if (own.length === 0) return null;
  return (
    <p>
      Taken before:{' '}
      {own.map(({ id, title, by, groups }, i) => (
        <Fragment key={id}>
          {i > 0 && ', '}
          <Link to={`/exercises/${id}/brief`}>{title}</Link>
          <span className="quiet">
            {by !== null && ` by ${by}`}
            {groups.length > 0 && ` for ${groups.map(({ name }) => name).join(', ')}`}
          </span>
        </Fragment>
      ))}
      .
    </p>
  );
}

function Taking({ ready }: { ready: ReadyShown }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const take = useMutation({
    mutationFn: async (leadsTo: 'brief' | 'hand-out') => ({
      leadsTo,
      made: await post(`shelf/${ready.id}/take`, undefined),
    }),
    onSuccess: ({ leadsTo, made }) => {
      void queries.invalidateQueries({ queryKey: ['exercises'] });
      return navigate(`/exercises/${made.id}/${leadsTo}`);
    },
  });
  return (
    <>
      <p className={styles['take']}>
        <Button
          type="primary"
          autoFocus
          loading={take.isPending}
          onClick={() => take.mutate('hand-out')}
        >
          Take it and hand it out
        </Button>
        <Button disabled={take.isPending} onClick={() => take.mutate('brief')}>
          Take it to change it
        </Button>
      </p>
      <Refusal of={take} />
    </>
  );
}

function Steps({ of }: { of: Exercise }) {
  const { key, start, guide } = of;
  const [chosen, choose] = useState(guide.steps?.[0]?.id);
  const step = guide.steps?.find(({ id }) => id === chosen) ?? null;
  const draft = { guide, questions: key.questions, points: {} };
  return <GuidePreview {...{ keyNow: key, start, draft, step, onChoose: choose }} />;
}
