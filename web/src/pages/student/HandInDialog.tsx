import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { MyTryDetail } from '@gleddo/contract';
import { stillOpen } from '@gleddo/core';
import { Modal } from 'antd';
import { counted } from '../../platform/figures/counted';
import { post } from '../../platform/api/client';
import { untilThere } from '../../platform/api/try-again';
import { useOpenBook } from '../../book/open-book/open-book';
import { withheldNow } from '../../exercise/guide/withheld-now';
import { Refusal } from '../../platform/shell/Refusal';

interface HandInDialogProps {
  readonly mine: MyTryDetail;
  /** Keeps the wish, where there is no line; null: there is one. */
  readonly wish: (() => void) | null;
  onClose(): void;
}

/** Hands the work in, after a look at what is still open in it. */
export function HandInDialog({ mine, wish, onClose }: HandInDialogProps) {
  const { book, saving, answer } = useOpenBook();
  const queries = useQueryClient();
  const handIn = useMutation({
    mutationFn: () => post(`my-exercises/${mine.exerciseId}/hand-in`),
    retry: untilThere,
    onSuccess: (handed) => {
      onClose();
      queries.setQueryData(['mine', mine.exerciseId], handed);
      void queries.invalidateQueries({ queryKey: ['mine'], exact: true });
    },
    onError: () => void queries.invalidateQueries({ queryKey: ['mine', mine.exerciseId] }),
  });
  const asksTypes = !withheldNow(queries, answer.id).has('types');
  const points = stillOpen(book, { asksSides: answer.help.asksSides, asksTypes });
  return (
    <Modal
      title="Hand this work in?"
      open
      onCancel={onClose}
      okText="Hand in"
      cancelText="Go on working"
      confirmLoading={handIn.isPending}
      okButtonProps={{ disabled: saving === 'saving' }}
      onOk={wish ?? (() => handIn.mutate())}
    >
      <LookFirst points={points} hasLine={wish === null} />
      <Refusal of={handIn} />
    </Modal>
  );
}

/** What is in the work, and what is still open in it. */
interface LookFirstProps {
  readonly points: ReturnType<typeof stillOpen>;
  readonly hasLine: boolean;
}

function LookFirst({ points, hasLine }: LookFirstProps) {
  const { book, saving } = useOpenBook();
  return (
    <>
      <p>
        {counted(book.accounts.length, 'account')},{' '}
        {counted(Object.keys(book.opening.balances).length, 'opening balance')},{' '}
        {counted(book.entries.length, 'entry', 'entries')}.
      </p>
      {points.length === 0 ? (
        <p className="is-met">✓ Every account has its place, and the books are in balance.</p>
      ) : (
        <>
          <p className="notice">Still open:</p>
          <ul>
            {points.map((point) => (
              <li key={point.code}>{point.says}</li>
            ))}
          </ul>
        </>
      )}
      <p className="quiet">Once handed in, the work stays as it is.</p>
      {!hasLine && saving !== 'saving' && (
        <p className="notice">
          There is no line at the moment. That you wish to hand in is kept here with the time, and
          done as soon as there is one and this exercise is open.
        </p>
      )}
      {saving === 'saving' && (
        <p className="notice">The last changes are still being saved; wait a moment.</p>
      )}
    </>
  );
}
