import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { MyTryDetail } from '@gleddo/contract';
import { stillOpen } from '@gleddo/core';
import { Modal } from 'antd';
import { post } from '../../platform/api/client';
import { untilThere } from '../../platform/api/try-again';
import { useOpenBook } from '../../book/open-book/open-book';
import { withheldNow } from '../../exercise/guide/withheld-now';
import { Refusal } from '../../platform/shell/Refusal';

interface HandInDialogProps {
  readonly mine: MyTryDetail;
  onClose(): void;
}

/** Hands the work in, after a look at what is still open in it. */
export function HandInDialog({ mine, onClose }: HandInDialogProps) {
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
      okButtonProps={{ disabled: saving !== 'saved' }}
      onOk={() => handIn.mutate()}
    >
      <LookFirst points={points} />
      <Refusal of={handIn} />
    </Modal>
  );
}

/** What is in the work, and what is still open in it. */
function LookFirst({ points }: { points: ReturnType<typeof stillOpen> }) {
  const { book, saving } = useOpenBook();
  return (
    <>
      <p>
        {book.accounts.length} accounts, {Object.keys(book.opening.balances).length} opening
        balances, {book.entries.length} entries.
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
      {saving !== 'saved' && (
        <p className="notice">The last changes are still being saved; wait a moment.</p>
      )}
    </>
  );
}
