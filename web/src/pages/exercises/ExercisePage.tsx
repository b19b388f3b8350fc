import type { ExerciseAnswer } from '@gleddo/contract';
import { Link, Navigate, NavLink, useParams } from 'react-router';
import { OpenBook } from '../../book/open-book/open-book';
import { Asking } from '../../platform/shell/Asking';
import { BookSays, BookTools } from '../../book/work/BookTools';
import { KEPT_PARTS, WorkTabs } from '../../book/work/WorkView';
import { KeptBookView } from '../../book/work/KeptBookView';
import { AlsoRightView } from '../also-right/AlsoRightView';
import { BriefView } from './BriefView';
import { ChecksView } from './ChecksView';
import { HandOutView } from '../handing-out/HandOutView';
import { SaveExercise } from './SaveExercise';
import { OwnFiguresView } from '../own-figures/OwnFiguresView';
import { StepsView } from '../steps/StepsView';
import { TryItView } from '../trying/TryItView';
import { useExercise } from './use-exercise';

const TABS = [
  ['brief', 'Brief'],
  ['steps', 'Steps'],
  ['start', 'Starting point'],
  ['key', 'Answer key'],
  ['also-right', 'Also right'],
  ['checks', 'Checks'],
  ['own-figures', 'Own figures'],
  ['try', 'Try it'],
  ['hand-out', 'Hand out'],
] as const;

/** An exercise: brief, starting point, answer key, checks with points, handing out. */
export default function ExercisePage() {
  const { id = '', tab = 'brief', part, inner = '' } = useParams();
  const exercise = useExercise(id);
  if (!exercise.data) return <Asking of={exercise} what="The exercise" />;
  if (tab === 'start' || tab === 'key')
    return part === undefined ? (
      <Navigate to={`/exercises/${id}/${tab}/chart`} replace />
    ) : (
      <BookOfExercise exercise={exercise.data} which={tab} part={part} inner={inner} />
    );
  return (
    <>
      <ExerciseHead exercise={exercise.data} />
      {tab === 'brief' && <BriefView exercise={exercise.data} />}
      {tab === 'steps' && <StepsView exercise={exercise.data} />}
      {tab === 'own-figures' && <OwnFiguresView exercise={exercise.data} />}
      {tab === 'also-right' && <AlsoRightView exercise={exercise.data} />}
      {tab === 'checks' && <ChecksView exercise={exercise.data} />}
      {tab === 'try' && <TryItView exercise={exercise.data} part={part ?? ''} />}
      {tab === 'hand-out' && <HandOutView exercise={exercise.data} />}
    </>
  );
}

function ExerciseHead({ exercise }: { exercise: ExerciseAnswer }) {
  return (
    <div className="sheet-head">
      <h1>{exercise.title}</h1>
      <nav className="tabs" aria-label="Parts of the exercise">
        {TABS.map(([tab, name]) => (
          <NavLink key={tab} to={`/exercises/${exercise.id}/${tab}`}>
            {name}
          </NavLink>
        ))}
      </nav>
      <div className="actions">
        {exercise.state === 'handed-out' && (
          <Link to={`/results/${exercise.id}`}>See the results</Link>
        )}
        <SaveExercise exercise={exercise} />
      </div>
    </div>
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

function BookOfExercise({ exercise, which, part, inner }: BookOfExerciseProps) {
  const base = `/exercises/${exercise.id}/${which}`;
  const bookId = which === 'start' ? exercise.startBookId : exercise.keyBookId;
  return (
    <>
      <ExerciseHead exercise={exercise} />
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
