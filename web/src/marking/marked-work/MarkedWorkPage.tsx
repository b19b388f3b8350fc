import { useQuery } from '@tanstack/react-query';
import { mayAtLeast, type Marked } from '@gleddo/contract';
import { App, Button } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { get, post } from '../../platform/api/client';
import { momentText } from '../../platform/figures/days';
import { SheetsOnRequest } from '../../book/handouts/SheetsOnRequest';
import { useSingleKey } from '../../platform/keyboard/single-keys';
import { Asking } from '../../platform/shell/Asking';
import { ButtonLink } from '../../platform/shell/ButtonLink';
import { GiveBackDialog } from '../class-results/GiveBackDialog';
import { halfTyped } from '../marks/half-typed';
import { MarginNotes } from '../marks/MarginNotes';
import { Accepted } from './Accepted';
import { FaultTools, NoteForm, NoteTools } from './MarkingTools';
import { markPaper } from '../class-results/mark-paper';
import { lineNamesOf } from '../marks/marked-rows';
import { MarkedBar } from '../marks/MarkedBar';
import { EarlierLinks } from '../marks/EarlierLinks';
import { FIRST_VIEW, useMarkedRows } from './use-marked-rows';
import { MarkedPages } from './MarkedPages';
import { useMarkedChange, type MarkedChange } from '../marks/use-marked-change';
import { useOpenWork } from '../marks/use-open-work';
import { OpenAgain } from './OpenAgain';
import { PastChecks } from './PastChecks';
import { Refusal } from '../../platform/shell/Refusal';
import styles from '../marks/marked.module.css';

/** One student's work beside the key, with notes in the margin. */
export default function MarkedWorkPage() {
  const { tryId = '' } = useParams();
  const marked = useQuery({
    queryKey: ['marked', tryId],
    queryFn: () => get(`tries/${tryId}`),
  });
  if (!marked.data) return <Asking of={marked} what="The work" />;
  return <MarkedWork key={tryId} marked={marked.data} />;
}

function MarkedWork({ marked }: { marked: Marked }) {
  const change = useMarkedChange(marked.tryId);
  const heldBy = useOpenWork(marked.tryId);
  const [view, setView] = useState(FIRST_VIEW);
  const [active, onPoint] = useState<number | null>(null);
  const pages = useMarkedRows(marked);
  const { keyBook, work, rows } = pages;
  const onNote = (note: number) => {
    setView({ ...view, part: 'statements', shown: 'both' });
    onPoint(note);
  };
  return (
    <>
      <MarkedHead marked={marked} change={change} />
      {heldBy !== null && mayAtLeast(marked.may, 'mark') && <Held by={heldBy} />}
      <MarkedBar view={view} onChange={setView}>
        <SheetsOnRequest
          name={marked.student}
          make={() => markPaper({ ...paperOf(marked), ...pages })}
        />
      </MarkedBar>
      <main className={styles['desk']}>
        <div className={`${styles['spread']} shows-${view.shown}`}>
          <MarkedPages {...{ marked, view, active, onNote }} {...pages} />
          <Margin {...{ marked, change, keyBook, work, rows, onPoint }} />
        </div>
      </main>
    </>
  );
}

const Held = ({ by }: { readonly by: string }) => (
  <p className="notice notice-line" role="status">
    {by} has this work open. Marks are changed by one at a time; Next goes to one that nobody has
    open.
  </p>
);

type Pages = Pick<ReturnType<typeof useMarkedRows>, 'keyBook' | 'work' | 'rows'>;

interface MarginProps extends Pages {
  readonly marked: Marked;
  readonly change: MarkedChange;
  onPoint(note: number | null): void;
}

/** The notes beside the pages; who only assists writes notes and changes no mark. */
function Margin({ marked, change, keyBook, work, rows, onPoint }: MarginProps) {
  const isMarking = mayAtLeast(marked.may, 'mark');
  return (
    <MarginNotes
      margin={rows.margin}
      lineNames={lineNamesOf(work)}
      notes={marked.notes}
      {...marksOf(marked)}
      onPoint={onPoint}
      toolsAt={(fault) => isMarking && <FaultTools {...{ fault, marked, work, change }} />}
      toolsAtNote={(note) =>
        (isMarking || note.points === 0) && <NoteTools {...{ note, marked, change }} />
      }
    >
      <NoteForm marked={marked} change={change} />
      {isMarking && <Accepted {...{ marked, keyBook, change }} />}
      <PastChecks {...{ marked, keyBook }} />
    </MarginNotes>
  );
}

const paperOf = ({ student, title, points, of, notes }: Marked) => ({
  ...{ student, exercise: title, points, of, notes },
});

const marksOf = ({ points, of, scaledFrom }: Marked) => ({ points, of, scaledFrom });

/** How long it stands, in seconds: long enough to be read. */
const LONG_ENOUGH = 8;

/** The student before and the one after, by a click or a key. */
function useNeighbours({ previous, next }: Marked) {
  const navigate = useNavigate();
  const { message } = App.useApp();
  const go = (id: string | null) => id !== null && void navigate(`/marking/${id}`);
  const goByKey = (id: string | null) => {
    const typed = halfTyped.first();
    if (!typed) return go(id);
    typed.focus();
    void message.info('A note is half typed. Save it or empty it, then go on.', LONG_ENOUGH);
  };
  useSingleKey('n', () => goByKey(next));
  useSingleKey('p', () => goByKey(previous));
  return go;
}

function MarkedHead({ marked, change }: { marked: Marked; change: MarkedChange }) {
  const { previous, next, tryId, state } = marked;
  const go = useNeighbours(marked);
  return (
    <div className="sheet-head">
      <h1>
        <Link to={`/results/${marked.exerciseId}`} className="path-link">
          {marked.title}
        </Link>{' '}
        › {marked.student}
      </h1>
      <span className="quiet">
        {marked.handedInAt && `handed in ${momentText(marked.handedInAt)}`}
        {state === 'given-back' && ' · given back'}
        {marked.file && ` · from ${marked.file.name}`}
        <EarlierLinks {...{ tryId }} earlier={marked.earlier} />
      </span>
      <div className="actions">
        <Button disabled={previous === null} onClick={() => go(previous)} title="P">
          ‹ Previous
        </Button>
        <Button disabled={next === null} onClick={() => go(next)} title="N">
          Next ›
        </Button>
        {mayAtLeast(marked.may, 'mark') ? (
          <>
            <ButtonLink to={`/marking/${tryId}/pairs`}>Pairs</ButtonLink>
            <OpenAgain marked={marked} />
            <GiveBack marked={marked} change={change} />
          </>
        ) : (
          <span className="quiet">you assist: who teaches gives it back</span>
        )}
      </div>
      <Refusal of={change} />
    </div>
  );
}

/** Gives the work back; or takes it back, as long as its student has not looked at it. */
function GiveBack({ marked, change }: { marked: Marked; change: MarkedChange }) {
  const { tryId, state } = marked;
  const [asks, setAsks] = useState(false);
  const send = (what: 'give-back' | 'take-back', body = {}) =>
    change.mutate(() => post(`tries/${tryId}/${what}`, body));
  return state === 'given-back' ? (
    <>
      <span className="is-met">✓ given back</span>
      <Button
        loading={change.isPending}
        title="Possible until the student has looked at the marks"
        onClick={() => send('take-back')}
      >
        Take back
      </Button>
    </>
  ) : (
    <>
      <Button type="primary" loading={change.isPending} onClick={() => setAsks(true)}>
        Give back
      </Button>
      {asks && (
        <GiveBackDialog
          title={`Give this work back to ${marked.student}?`}
          okText="Give it back"
          shows={marked.shows}
          onGive={(shows) => {
            send('give-back', { shows });
            setAsks(false);
          }}
          onClose={() => setAsks(false)}
        />
      )}
    </>
  );
}
