import type { AtWork, AtWorkRow } from '@gleddo/contract';
import { useMutation } from '@tanstack/react-query';
import { Button, Popconfirm } from 'antd';
import { post } from '../../platform/api/client';
import { Refusal } from '../../platform/shell/Refusal';

interface LetGoOnProps {
  readonly of: AtWork;
  readonly row: AtWorkRow;
  readonly exerciseId: string;
}

/** Lets one student go on from the step after the one they are at; it costs them nothing. */
export function LetGoOn({ of, row, exerciseId }: LetGoOnProps) {
  const at = of.steps.findIndex(({ id }) => id === row.here);
  const next = of.mayLetGoOn && row.state === 'working' && at >= 0 ? of.steps[at + 1] : undefined;
  const go = useMutation({
    mutationFn: (step: string) =>
      post(`exercises/${exerciseId}/let-skip-ahead`, { step, tries: [row.tryId ?? ''] }),
  });
  if (!next) return null;
  return (
    <>
      <Popconfirm
        title={`Let ${row.student} go on from “${next.title}”?`}
        description="Their books are then as the key has them there; what they were stays in the history. It costs them nothing."
        okText="Let them go on"
        cancelText="No"
        onConfirm={() => go.mutate(next.id)}
      >
        <Button type="link" loading={go.isPending}>
          Let go on from “{next.title}”
        </Button>
      </Popconfirm>
      {go.data?.count === 0 && (
        <p role="status">Nothing was changed: the work was handed in, or changed just then.</p>
      )}
      <Refusal of={go} />
    </>
  );
}
