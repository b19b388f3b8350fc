import { useQuery } from '@tanstack/react-query';
import type { Marked } from '@gleddo/contract';
import type { HandPair } from '@gleddo/core';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { get, post } from '../../platform/api/client';
import { Asking } from '../../platform/shell/Asking';
import { Refusal } from '../../platform/shell/Refusal';
import { comparedPeriod } from '../marks/compared-period';
import { useBooksOf } from '../marks/marked-books';
import { useOpenWork } from '../marks/use-open-work';
import { useMarkedChange, type MarkedChange } from '../marks/use-marked-change';
import { PairsTable, type Pairing } from './PairsTable';

/** Who of a work was taken for whom of the key: looked through, joined and parted by hand. */
export default function PairsPage() {
  const { tryId = '' } = useParams();
  const marked = useQuery({
    queryKey: ['marked', tryId],
    queryFn: () => get(`tries/${tryId}`),
  });
  if (!marked.data) return <Asking of={marked} what="The work" />;
  return <Pairs marked={marked.data} />;
}

const STAYS = 'These marks were given back, so that nothing changes them any more.';
const SAYS =
  'Each account of the work stands for one of the key’s, or for several. Choose another where it was taken for the wrong one; the work is checked again at once, and it stays so in every later check.';

/** Only what stands in the work is paired by hand. */
const isOfWork = (pair: HandPair): pair is HandPair & { work: string } => pair.work !== null;

function Pairs({ marked }: { marked: Marked }) {
  const { tryId, state, pairs, handPairs, results } = marked;
  const { key, work } = useBooksOf(marked);
  const change = useMarkedChange(tryId);
  useOpenWork(tryId);
  const mayChange = state === 'handed-in';
  const pairing = useMemo((): Pairing => {
    const { to } = comparedPeriod(results, key);
    return { keyBook: key, workBook: work, pairs, byHand: handPairs, at: to };
  }, [key, work, pairs, handPairs, results]);
  const keep = (next: HandPair[]) =>
    change.mutate(() => post(`tries/${tryId}/pairs`, { pairs: next.filter(isOfWork) }));
  return (
    <>
      <PairsHead marked={marked} change={change} />
      <main className="desk">
        <section className="paper">
          <p className="quiet">{mayChange ? SAYS : STAYS}</p>
          <PairsTable
            pairing={pairing}
            isBusy={change.isPending}
            {...(mayChange ? { onChange: keep } : {})}
          />
        </section>
      </main>
    </>
  );
}

function PairsHead({ marked, change }: { marked: Marked; change: MarkedChange }) {
  const { tryId, title, student, points, of, exerciseId } = marked;
  return (
    <div className="sheet-head">
      <h1>
        <Link to={`/results/${exerciseId}`} className="path-link">
          {title}
        </Link>{' '}
        ›{' '}
        <Link to={`/marking/${tryId}`} className="path-link">
          {student}
        </Link>{' '}
        › Pairs
      </h1>
      <span className="quiet">
        {points} of {of}
      </span>
      <Refusal of={change} />
    </div>
  );
}
