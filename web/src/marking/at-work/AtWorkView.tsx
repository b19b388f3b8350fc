import type { AtWork, AtWorkRow, OpenQuestion } from '@gleddo/contract';
import { Button } from 'antd';
import { useState } from 'react';
import { momentText, timeText } from '../../platform/figures/days';
import { counted } from '../../platform/figures/counted';
import { Asking } from '../../platform/shell/Asking';
import { ButtonLink } from '../../platform/shell/ButtonLink';
import { Refusal } from '../../platform/shell/Refusal';
import { AtWorkRows } from './AtWorkRows';
import { LetGoOn } from './LetGoOn';
import { SayWord } from './SayWord';
import { agoSaid, byNeed, goingOf, holdsUp, restedFor } from './stuck';
import { useAtWork, usePuttingAway } from './use-at-work';
import styles from './at-work.module.css';

interface AtWorkViewProps {
  readonly exerciseId: string;
  readonly group: string | null;
}

/** A class at work, live: who is stuck and where, what they ask, and a word to one or all. */
export function AtWorkView({ exerciseId, group }: AtWorkViewProps) {
  const atWork = useAtWork(exerciseId, group);
  const [chosen, choose] = useState<string | null>(null);
  if (!atWork.data) return <Asking of={atWork} what="The class at work" />;
  const now = Date.parse(atWork.data.now);
  const rows = byNeed(atWork.data.rows, now);
  const row = rows.find(({ personId }) => personId === chosen);
  return (
    <div className={styles['at-work']}>
      <section className="paper" aria-label="Who is how far">
        {atWork.isError && (
          <p className="notice" role="alert">
            The server can’t be reached. This is how it was at {timeText(atWork.data.now)}.
          </p>
        )}
        {rows.length === 0 ? (
          <p className="quiet">Nobody yet: the classes that have this exercise are empty.</p>
        ) : (
          <AtWorkRows of={atWork.data} {...{ rows, now, chosen }} onChoose={choose} />
        )}
      </section>
      <div>
        {row && <Chosen {...{ row, now, exerciseId }} of={atWork.data} />}
        <Questions of={atWork.data} exerciseId={exerciseId} />
        <HoldsUp {...{ rows, now, exerciseId }} />
        <ToAll {...{ rows, exerciseId }} />
      </div>
    </div>
  );
}

interface ChosenProps extends Pick<AtWorkViewProps, 'exerciseId'> {
  readonly of: AtWork;
  readonly row: AtWorkRow;
  readonly now: number;
}

function Chosen({ of, row, now, exerciseId }: ChosenProps) {
  const step = of.steps.find(({ id }) => id === row.here);
  return (
    <section className="paper" aria-label={row.student}>
      <h2>
        {row.student}
        {step && (
          <>
            , at <em>{step.title}</em>
          </>
        )}
      </h2>
      <WhatIsKnown {...{ row, now }} />
      {row.tryId === null ? (
        <p className="quiet">Has not begun yet.</p>
      ) : (
        <>
          <ButtonLink
            to={
              row.state === 'working'
                ? `/results/${exerciseId}/book/${row.bookId}/chart`
                : `/marking/${row.tryId}`
            }
          >
            Look at the work
          </ButtonLink>
          <LetGoOn key={`${row.tryId} ${row.here}`} {...{ of, row, exerciseId }} />
          <SayWord
            key={row.tryId}
            label={`A word to ${row.student}`}
            name="Say it"
            to={[row.tryId]}
            exerciseId={exerciseId}
          />
        </>
      )}
    </section>
  );
}

const WhatIsKnown = ({ row, now }: Pick<ChosenProps, 'row' | 'now'>) => (
  <>
    {row.next !== null && <p>Not there yet: {row.next}</p>}
    {row.lastAt !== null && goingOf(row, now) !== 'in' && (
      <p className="quiet">The last change: {agoSaid(restedFor(row, now))}.</p>
    )}
    {row.unseen > 0 && (
      <p className="quiet">{counted(row.unseen, 'word')} of yours not seen yet.</p>
    )}
  </>
);

function Questions({ of, exerciseId }: { readonly of: AtWork; readonly exerciseId: string }) {
  const putAway = usePuttingAway(exerciseId);
  if (of.questions.length === 0) return null;
  return (
    <section className="paper" aria-label="Asked">
      <h2>Asked</h2>
      <ul className={styles['questions']}>
        {of.questions.map((question) => (
          <Question
            key={question.id}
            {...{ question, exerciseId }}
            onPutAway={() => putAway.mutate(question.id)}
          />
        ))}
      </ul>
      <Refusal of={putAway} />
    </section>
  );
}

const alikeSays = (n: number): string =>
  n === 0 ? 'Answer' : n === 1 ? 'Answer both who have it' : `Answer all ${n + 1} who have it`;

interface QuestionProps {
  readonly question: OpenQuestion;
  readonly exerciseId: string;
  onPutAway(): void;
}

function Question({ question, exerciseId, onPutAway }: QuestionProps) {
  const { id, student, about, text, at, tryId, alike } = question;
  return (
    <li>
      <p>
        <strong>{student}</strong>
        {about !== '' && (
          <>
            , at <em>{about}</em>
          </>
        )}
        , <span className="quiet">{momentText(at)}</span>
      </p>
      <p>“{text}”</p>
      <SayWord
        label={`Answer to ${student}`}
        name={alikeSays(alike.length)}
        to={[tryId, ...alike]}
        answers={id}
        exerciseId={exerciseId}
      />
      {question.ref !== null && <ButtonLink to={`/marking/${tryId}`}>Look at the work</ButtonLink>}
      <Button type="link" onClick={onPutAway}>
        Answered otherwise
      </Button>
    </li>
  );
}

interface HoldsUpProps {
  readonly rows: readonly AtWorkRow[];
  readonly now: number;
  readonly exerciseId: string;
}

function HoldsUp({ rows, now, exerciseId }: HoldsUpProps) {
  const [to, setTo] = useState<string | null>(null);
  const all = holdsUp(rows, now);
  if (all.length === 0) return null;
  return (
    <section className="paper" aria-label="What holds them up">
      <h2>What holds them up</h2>
      <ul className={styles['holds']}>
        {all.map(({ what, who }) => (
          <li key={what}>
            <button type="button" className="link-button" onClick={() => setTo(what)}>
              {what}
            </button>
            <span>{who.length}</span>
            {to === what && (
              <SayWord
                label={`A word to ${who.map(({ student }) => student).join(', ')}`}
                name="Say it"
                to={who.flatMap(({ tryId }) => tryId ?? [])}
                exerciseId={exerciseId}
                onSaid={() => setTo(null)}
              />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function ToAll({ rows, exerciseId }: Omit<HoldsUpProps, 'now'>) {
  const to = rows.flatMap(({ tryId, state }) => (state === 'working' && tryId ? [tryId] : []));
  if (to.length === 0) return null;
  return (
    <section className="paper" aria-label="A word to all">
      <h2>A word to all who work</h2>
      <SayWord
        label={`To ${counted(to.length, 'student')}`}
        name="Say it to all"
        to={to}
        exerciseId={exerciseId}
      />
    </section>
  );
}
