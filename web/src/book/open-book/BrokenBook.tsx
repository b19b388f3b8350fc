import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { HistoryEntry } from '@gleddo/contract';
import { Button } from 'antd';
import { get, post, Problem } from '../../platform/api/client';
import { momentText } from '../../platform/figures/days';
import { Asking } from '../../platform/shell/Asking';
import { Refusal } from '../../platform/shell/Refusal';
import styles from '../../platform/shell/list-page.module.css';

/** Whether a book was found and can't be read, so that it may be set back to an earlier moment. */
export const isBroken = (error: unknown): error is Problem =>
  error instanceof Problem && error.faults.some(({ code }) => code === 'book.unreadable');

const MOST_SHOWN = 20;

/** What stands in the place of a book that can't be read: why, and the way back to an earlier moment. */
export function BrokenBook({ id, why }: { id: string; why: string }) {
  const history = useQuery({
    queryKey: ['history-of-broken', id],
    queryFn: () => get(`books/${id}/history`),
  });
  return (
    <main className="desk">
      <section className="paper narrow" role="alert">
        <h2>This book can’t be opened</h2>
        <p>{why}</p>
        <p className="quiet">
          Nothing of its history is lost. Set it back to before one of these changes:
        </p>
        {!history.data && <Asking of={history} what="The history" />}
        {history.data?.length === 0 && (
          <p>No change of it is known, so there is no earlier moment. Begin the book again.</p>
        )}
        <EarlierMoments id={id} history={history.data ?? []} />
      </section>
    </main>
  );
}

function EarlierMoments({ id, history }: { id: string; history: readonly HistoryEntry[] }) {
  const queries = useQueryClient();
  const setBack = useMutation({
    mutationFn: (revision: number) => post(`books/${id}/set-back`, { revision }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['book', id] }),
  });
  return (
    <>
      <Refusal of={setBack} />
      <ul className="plain-list">
        {history.slice(0, MOST_SHOWN).map(({ revision, at, by }) => (
          <li key={revision} className={styles['item']}>
            <span>
              Change {revision}, {momentText(at)} <span className="quiet">{by}</span>
            </span>
            <Button
              size="small"
              loading={setBack.isPending && setBack.variables === revision - 1}
              onClick={() => setBack.mutate(revision - 1)}
            >
              Set back to before it
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}
