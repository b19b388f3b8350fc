import { useQuery } from '@tanstack/react-query';
import type { Marked } from '@gleddo/contract';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { get } from '../../platform/api/client';
import { momentText } from '../../platform/figures/days';
import { ordinal } from '../../platform/figures/ordinal';
import { Asking } from '../../platform/shell/Asking';
import { MarginNotes } from '../marks/MarginNotes';
import { lineNamesOf } from '../marks/marked-rows';
import { MarkedBar } from '../marks/MarkedBar';
import styles from '../marks/marked.module.css';
import { MarkedPages } from './MarkedPages';
import { FIRST_VIEW, useMarkedRows } from './use-marked-rows';

/** In milliseconds: while the latest can’t be looked at yet. */
const LOOK_AGAIN = 3000;

/** A try of before the latest, as it was given back: to be looked at. */
export default function EarlierWorkPage() {
  const { tryId = '', number = '' } = useParams();
  const earlier = useQuery({
    queryKey: ['marked', tryId, 'earlier', number],
    queryFn: () => get(`tries/${tryId}/earlier/${number}`),
    refetchInterval: ({ state }) => (state.data?.next === null ? LOOK_AGAIN : false),
  });
  if (!earlier.data) return <Asking of={earlier} what="This try" />;
  return <EarlierWork marked={earlier.data} number={Number(number)} />;
}

const EarlierHead = ({ marked, number }: { readonly marked: Marked; readonly number: number }) => (
  <div className="sheet-head">
    <h1>
      <Link to={`/results/${marked.exerciseId}`} className="path-link">
        {marked.title}
      </Link>{' '}
      › {marked.student}, {ordinal(number)} try
    </h1>
    <span className="quiet">
      {marked.handedInAt && `handed in ${momentText(marked.handedInAt)} · `}as it was given back
    </span>
    <div className="actions">
      {marked.next === null ? (
        <span className="quiet">the latest is not handed in, or not checked yet</span>
      ) : (
        <Link to={`/marking/${marked.next}`}>To the latest</Link>
      )}
    </div>
  </div>
);

function EarlierWork({ marked, number }: { readonly marked: Marked; readonly number: number }) {
  const [view, setView] = useState(FIRST_VIEW);
  const [active, onPoint] = useState<number | null>(null);
  const pages = useMarkedRows(marked);
  const { points, of, scaledFrom, notes } = marked;
  const onNote = (note: number) => {
    setView({ ...view, part: 'statements', shown: 'both' });
    onPoint(note);
  };
  return (
    <>
      <EarlierHead marked={marked} number={number} />
      <MarkedBar view={view} onChange={setView} />
      <main className={styles['desk']}>
        <div className={`${styles['spread']} shows-${view.shown}`}>
          <MarkedPages {...{ marked, view, active, onNote }} {...pages} />
          <MarginNotes
            margin={pages.rows.margin}
            lineNames={lineNamesOf(pages.work)}
            {...{ notes, points, of, scaledFrom, onPoint }}
          />
        </div>
      </main>
    </>
  );
}
