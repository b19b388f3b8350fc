import type { ExerciseAnswer, TrialRun } from '@gleddo/contract';
import { Button, Popconfirm } from 'antd';
import { useState, type ReactNode } from 'react';
import { Navigate } from 'react-router';
import { post } from '../../platform/api/client';
import { OpenBook } from '../../book/open-book/open-book';
import { GuidedWork } from '../../exercise/guide/GuidedWork';
import { isGuided } from '../../exercise/guide/is-guided';
import { CheckedNow, MarkedNow } from '../../marking/marked-work/CheckedNow';
import { Asking } from '../../platform/shell/Asking';
import { BeginPaper } from '../../book/work/BeginPaper';
import { BesideBrief } from '../../book/work/BesideBrief';
import { BookSays, BookTools } from '../../book/work/BookTools';
import { TRY_PARTS, TryTabs } from '../../book/work/WorkView';
import { OfSeed } from '../own-figures/OfSeed';
import { SpoilCopy } from './SpoilCopy';
import { useTrialRun } from './use-trial-run';

const BEGINNING =
  'You get a book from the starting point, with the help that students have, and marks at any moment. It counts nowhere; nobody else sees it.';

const whatItIs = ({ spoilt, seed }: TrialRun): string => {
  if (spoilt) return 'a spoilt copy of the key';
  return seed === null ? 'yours counts nowhere' : `yours counts nowhere · seed ${seed}`;
};

const PARTS = [...TRY_PARTS, ['marks', 'Marks']] as const;

/** Whether each student has figures of their own. */
const isDrawn = ({ keyRules }: ExerciseAnswer): boolean => keyRules.figures !== undefined;

interface TryItProps {
  readonly exercise: ExerciseAnswer;
  readonly part: string;
}

/** The exercise as a student has it, to be tried by the instructor: it counts nowhere. */
export function TryItView({ exercise, part }: TryItProps) {
  const own = useTrialRun(exercise.id);
  const [seed, setSeed] = useState<number | null>(null);
  const ofSeed = isDrawn(exercise) && <OfSeed key="seed" seed={seed} onSeed={setSeed} />;
  const base = `/exercises/${exercise.id}/try`;
  const { trialRun, begin } = own;
  if (!trialRun.data) return <Asking of={trialRun} what="Your try" />;
  const { bookId, spoilt } = trialRun.data;
  const beginBy = { ...begin, mutate: () => begin.mutate({ seed }) };
  if (bookId === null)
    return (
      <BeginPaper
        brief={exercise.brief}
        says={BEGINNING}
        begin={beginBy}
        besides={[ofSeed, <SpoilCopy key="spoil" begin={begin} />]}
      >
        <h2>Try it as a student</h2>
      </BeginPaper>
    );
  if (!PARTS.some(([known]) => known === part))
    return <Navigate to={`${base}/${spoilt ? 'marks' : 'chart'}`} replace />;
  return (
    <OpenBook id={bookId} key={bookId}>
      <BegunTry
        exercise={exercise}
        part={part}
        base={base}
        own={own}
        says={whatItIs(trialRun.data)}
      >
        <BeginAgain isPending={begin.isPending} onBegin={beginBy.mutate}>
          {ofSeed}
        </BeginAgain>
      </BegunTry>
    </OpenBook>
  );
}

interface BegunTryProps extends TryItProps {
  readonly base: string;
  readonly own: ReturnType<typeof useTrialRun>;
  readonly says: string;
  /** How it is begun again. */
  readonly children: ReactNode;
}

const BegunTry = ({ exercise, part, base, own, says, children }: BegunTryProps) => (
  <>
    <div className="sub-head">
      <TryTabs base={base} parts={PARTS} />
      <span className="mark-says">{says}</span>
      <div className="actions">
        <BookTools />
        <SpoilCopy begin={own.begin} />
        {children}
      </div>
    </div>
    <BookSays />
    {part === 'marks' ? (
      <CheckedNow
        ask={() => post(`exercises/${exercise.id}/trial-run/check`)}
        what="What the checks say"
      >
        {(marks) => <MarkedNow {...marks} />}
      </CheckedNow>
    ) : (
      <WorkOf base={base} exercise={exercise} part={part} />
    )}
  </>
);

/** As students have it: led through by its steps where it has any. */
const WorkOf = ({ base, exercise, part }: TryItProps & { base: string }) =>
  isGuided(exercise) ? (
    <GuidedWork base={base} part={part} brief={exercise.brief} />
  ) : (
    <BesideBrief brief={exercise.brief} part={part} />
  );

interface BeginAgainProps {
  readonly isPending: boolean;
  /** With what it is begun. */
  readonly children: ReactNode;
  onBegin(): void;
}

function BeginAgain({ isPending, children, onBegin }: BeginAgainProps) {
  return (
    <Popconfirm
      title="Begin again from the starting point?"
      description={
        <>
          <p>What you did in this try is left behind.</p>
          {children}
        </>
      }
      okText="Begin again"
      cancelText="Go on"
      onConfirm={onBegin}
    >
      <Button loading={isPending}>Begin again</Button>
    </Popconfirm>
  );
}
