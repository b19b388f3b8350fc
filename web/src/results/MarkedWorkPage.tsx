import { useQuery } from '@tanstack/react-query';
import type { Marked } from '@gleddo/contract';
import { bookFromJson, type Book } from '@gleddo/core';
import { App, Button, Segmented, Switch } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { get, post } from '../api/client';
import { momentText } from '../figures/days';
import { moneyOf } from '../figures/money';
import { useSingleKey } from '../keyboard/single-keys';
import { Asking } from '../shell/Asking';
import { halfTyped } from './half-typed';
import { MarginNotes } from './MarginNotes';
import { FaultTools, NoteForm, NoteTools } from './MarkingTools';
import { lineNamesOf, markedRows } from './marked-rows';
import { MarkedSpread, type Shown } from './MarkedSpread';
import { comparedPeriod } from './compared-period';
import { useMarkedChange, type MarkedChange } from './use-marked-change';
import { Refusal } from '../shell/Refusal';

const read = (document: object): Book => {
  const book = bookFromJson(document);
  if (!book.ok) throw new Error(book.refusals[0]?.says);
  return book.value;
};

/** One student's work beside the key, with notes in the margin. */
export default function MarkedWorkPage() {
  const { tryId = '' } = useParams();
  const marked = useQuery({
    queryKey: ['marked', tryId],
    queryFn: () => get<Marked>(`tries/${tryId}`),
  });
  if (!marked.data) return <Asking of={marked} what="The work" />;
  return <MarkedWork key={tryId} marked={marked.data} />;
}

function MarkedWork({ marked }: { marked: Marked }) {
  const change = useMarkedChange(marked.tryId);
  const [shown, setShown] = useState<Shown>('both');
  const [onlyDiffering, setOnlyDiffering] = useState(false);
  const [active, setActive] = useState<number | null>(null);
  const key = useMemo(() => read(marked.key), [marked.key]);
  const work = useMemo(() => read(marked.work), [marked.work]);
  const { pairs, results } = marked;
  const period = useMemo(() => comparedPeriod(results, work), [results, work]);
  const rows = useMemo(
    () => markedRows(key, work, pairs, results, period),
    [key, work, pairs, results, period],
  );
  const money = useMemo(() => moneyOf(key, work), [key, work]);
  return (
    <>
      <MarkedHead marked={marked} change={change} />
      <div className="marked-bar">
        <span className="quiet">Show:</span>
        <Segmented
          aria-label="Show"
          value={shown}
          options={[
            { value: 'both', label: 'Theirs beside the key' },
            { value: 'theirs', label: 'Theirs alone' },
            { value: 'key', label: 'The key alone' },
          ]}
          onChange={setShown}
        />
        <label>
          <Switch size="small" checked={onlyDiffering} onChange={setOnlyDiffering} /> Only rows that
          differ
        </label>
      </div>
      <main className="marked-desk">
        <div className={`marked-spread shows-${shown}`}>
          <MarkedSpread
            {...{ rows, work, period, money, shown, onlyDiffering, active }}
            key_={key}
          />
          <MarginNotes
            margin={rows.margin}
            lineNames={lineNamesOf(work)}
            notes={marked.notes}
            points={marked.points}
            of={marked.of}
            onPoint={setActive}
            toolsAt={(fault) => <FaultTools {...{ fault, marked, work, change }} />}
            toolsAtNote={(note) => <NoteTools {...{ note, marked, change }} />}
          >
            <NoteForm marked={marked} change={change} />
          </MarginNotes>
        </div>
      </main>
    </>
  );
}

function MarkedHead({ marked, change }: { marked: Marked; change: MarkedChange }) {
  const navigate = useNavigate();
  const { previous, next, tryId, state } = marked;
  const go = (id: string | null) => id !== null && void navigate(`/marking/${id}`);
  const { message } = App.useApp();
  const goByKey = (id: string | null) => {
    const typed = halfTyped.first();
    if (!typed) return go(id);
    typed.focus();
    void message.info('A note is half typed. Keep it or empty it, then go on.');
  };
  useSingleKey('n', () => goByKey(next));
  useSingleKey('p', () => goByKey(previous));
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
      </span>
      <div className="actions">
        <Button disabled={previous === null} onClick={() => go(previous)} title="P">
          ‹ Previous
        </Button>
        <Button disabled={next === null} onClick={() => go(next)} title="N">
          Next ›
        </Button>
        {state === 'given-back' ? (
          <span className="is-met">✓ given back</span>
        ) : (
          <Button
            type="primary"
            loading={change.isPending}
            onClick={() => change.mutate(() => post<Marked>(`tries/${tryId}/give-back`))}
          >
            Give back
          </Button>
        )}
      </div>
      <Refusal of={change} />
    </div>
  );
}
