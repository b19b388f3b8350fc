import { mayAtLeast, type ExerciseAnswer } from '@gleddo/contract';
import type { ReactNode } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import { OpenBook } from '../../book/open-book/open-book';
import { NothingHere } from '../../platform/shell/NothingHere';
import { Asking } from '../../platform/shell/Asking';
import { BookSays, BookTools } from '../../book/work/BookTools';
import { KEPT_PARTS, WorkTabs } from '../../book/work/WorkView';
import { KeptBookView } from '../../book/work/KeptBookView';
import { AlsoRightView } from '../also-right/AlsoRightView';
import { BriefView } from './BriefView';
import { ChecksView } from './ChecksView';
import { HandOutView } from '../handing-out/HandOutView';
import { maySeeWorks, OthersExercise } from './OthersExercise';
import { WhoIsHere } from '../../platform/presence/WhoIsHere';
import { PAGE_NAMES } from '../errands/errands';
import { SaveExercise } from './SaveExercise';
import { ShareWith } from '../../platform/sharing/ShareWith';
import { OwnFiguresView } from '../own-figures/OwnFiguresView';
import { VersionsView } from '../versions/VersionsView';
import { StepsView } from '../steps/StepsView';
import { TryItView } from '../trying/TryItView';
import { ErrandNav } from '../errands/ErrandNav';
import { useKnownOfIt } from '../errands/use-known-of-it';
import type { KnownOfIt } from '../errands/what-stands';
import { useExercise } from './use-exercise';

/** An exercise, as five errands: what is asked, what is right, how it is done, trying it, handing out. */
export default function ExercisePage() {
  const { id = '', tab = 'brief', part, inner = '' } = useParams();
  const exercise = useExercise(id);
  if (!exercise.data) return <Asking of={exercise} what="The exercise" />;
  if (tab in ERRAND_VIEWS)
    return <ErrandPage exercise={exercise.data} tab={tab} part={part ?? ''} />;
  if (tab !== 'start' && tab !== 'key')
    return <NothingHere home={`/exercises/${id}/brief`} homeName="the exercise" />;
  return part === undefined ? (
    <Navigate to={`/exercises/${id}/${tab}/chart`} replace />
  ) : (
    <BookOfExercise exercise={exercise.data} which={tab} part={part} inner={inner} />
  );
}

interface OfErrand {
  readonly exercise: ExerciseAnswer;
  readonly part: string;
  readonly looked: KnownOfIt['looked'];
}

const ERRAND_VIEWS: Readonly<Record<string, (of: OfErrand) => ReactNode>> = {
  brief: ({ exercise }) => <BriefView exercise={exercise} />,
  steps: ({ exercise }) => <StepsView exercise={exercise} />,
  'own-figures': ({ exercise }) => <OwnFiguresView exercise={exercise} />,
  'also-right': ({ exercise }) => <AlsoRightView exercise={exercise} />,
  checks: ({ exercise }) => <ChecksView exercise={exercise} />,
  try: ({ exercise, part }) => <TryItView exercise={exercise} part={part} />,
  versions: ({ exercise }) => <VersionsView exercise={exercise} />,
  'hand-out': ({ exercise, looked }) => <HandOutView exercise={exercise} looked={looked} />,
};

interface ErrandPageProps {
  readonly exercise: ExerciseAnswer;
  readonly tab: string;
  readonly part: string;
}

function ErrandPage({ exercise, tab, part }: ErrandPageProps) {
  const known = useKnownOfIt(exercise);
  return (
    <>
      <ExerciseHead of={known} tab={tab} isBrief={tab === 'try' && part !== ''} />
      <OthersExercise exercise={exercise} isMarking={tab === 'hand-out'}>
        {ERRAND_VIEWS[tab]?.({ exercise, part, looked: known.looked })}
      </OthersExercise>
    </>
  );
}

interface ExerciseHeadProps {
  readonly of: KnownOfIt;
  readonly tab: string;
  readonly isBrief: boolean;
}

function ExerciseHead({ of, tab, isBrief }: ExerciseHeadProps) {
  const { exercise } = of;
  const errands = <ErrandNav {...{ of, tab, isBrief }} />;
  return (
    <>
      <div className="sheet-head">
        <h1>{exercise.title}</h1>
        {isBrief && errands}
        <WhoIsHere
          {...{ kind: 'exercises', id: exercise.id, page: tab, pages: PAGE_NAMES }}
          revision={exercise.revision}
        />
        <div className="actions">
          {exercise.ready !== null && (
            <Link to={`/exercises/shelf/${exercise.ready}`}>As it lies on the shelf</Link>
          )}
          {exercise.state === 'handed-out' && maySeeWorks(exercise) && (
            <Link to={`/results/${exercise.id}`}>See the results</Link>
          )}
          {!isBrief && tab !== 'try' && mayAtLeast(exercise.may, 'change') && (
            <Link to={`/exercises/${exercise.id}/try`}>See it as a student</Link>
          )}
          {!isBrief && mayAtLeast(exercise.may, 'change') && (
            <Link to={`/exercises/${exercise.id}/versions`}>Compare</Link>
          )}
          {exercise.may === 'own' && (
            <ShareWith kind="exercises" id={exercise.id} name={exercise.title} />
          )}
          <SaveExercise exercise={exercise} />
        </div>
      </div>
      {!isBrief && errands}
    </>
  );
}

interface BookOfExerciseProps {
  readonly exercise: ExerciseAnswer;
  readonly which: 'start' | 'key';
  readonly part: string;
  readonly inner: string;
}

const SAYS = {
  start: 'What every student begins with. Work already begun keeps the start it was begun with.',
  key: 'Your own finished book. A change makes a new version; work checked before keeps its marks until it is checked again.',
} as const;

/** In one row nothing is told of it. */
const unread = (exercise: ExerciseAnswer): KnownOfIt => ({
  ...{ exercise, key: null, looked: null, trialRun: null },
});

function BookOfExercise({ exercise, which, part, inner }: BookOfExerciseProps) {
  const base = `/exercises/${exercise.id}/${which}`;
  const bookId = which === 'start' ? exercise.startBookId : exercise.keyBookId;
  return (
    <>
      <ExerciseHead of={unread(exercise)} tab={which} isBrief />
      <OpenBook id={bookId} key={bookId}>
        <div className="sub-head">
          <WorkTabs base={base} parts={KEPT_PARTS} />
          <span className="mark-says">{SAYS[which]}</span>
          <div className="actions">
            <BookTools />
          </div>
        </div>
        <BookSays />
        <KeptBookView {...{ base, bookId, part, inner }} />
      </OpenBook>
    </>
  );
}
