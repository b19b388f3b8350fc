import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Marked } from '@gleddo/contract';
import { Button, Modal } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { post } from '../../platform/api/client';
import { Refusal } from '../../platform/shell/Refusal';

/** Lets the student go on working on it; what was checked so far stays to be looked at. */
export function OpenAgain({ marked: { tryId, student, exerciseId, state } }: { marked: Marked }) {
  const [asks, setAsks] = useState(false);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const open = useMutation({
    mutationFn: () => post(`tries/${tryId}/open-again`),
    onSuccess: () => {
      queries.removeQueries({ queryKey: ['marked', tryId] });
      void queries.invalidateQueries({ queryKey: ['results', exerciseId] });
      void navigate(`/results/${exerciseId}?by=student`);
    },
  });
  return (
    <>
      <Button onClick={() => setAsks(true)}>Open again</Button>
      <Modal
        title={`Let ${student} go on working on it?`}
        open={asks}
        okText="Open it again"
        cancelText="Leave it"
        confirmLoading={open.isPending}
        onOk={() => open.mutate()}
        onCancel={() => setAsks(false)}
      >
        <p>
          It counts as begun until it is handed in again, and is checked anew then.{' '}
          {state === 'given-back' && `${student} does not see the marks any more. `}
          Your notes, and the checks so far, stay.
        </p>
        <Refusal of={open} />
      </Modal>
    </>
  );
}
