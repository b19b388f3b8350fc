import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Asks } from '@gleddo/contract';
import { Button, Modal } from 'antd';
import { post } from '../../platform/api/client';
import { timeText } from '../../platform/figures/days';
import { FoundList } from '../../marking/marked-work/FoundList';
import { Refusal } from '../../platform/shell/Refusal';

/** Where an exercise allows it: what is not right yet, without saying what would be. */
export function InterimCheck({ exerciseId, asks }: { exerciseId: string; asks: Asks }) {
  const queries = useQueryClient();
  const check = useMutation({
    mutationFn: () => post(`my-exercises/${exerciseId}/check`),
    onSettled: () => queries.invalidateQueries({ queryKey: ['mine', exerciseId] }),
  });
  return (
    <>
      <Button
        loading={check.isPending}
        disabled={asks.limit !== null && asks.asked >= asks.limit}
        title={asksSay(asks)}
        onClick={() => check.mutate()}
      >
        Check so far{asks.limit !== null && ` (${Math.max(0, asks.limit - asks.asked)} left)`}
      </Button>
      <Modal
        title="So far"
        open={check.isSuccess || check.isError}
        onCancel={check.reset}
        footer={
          <Button type="primary" onClick={check.reset}>
            Go on working
          </Button>
        }
      >
        <Refusal of={check} />
        {check.data && <FoundList found={check.data} />}
        {check.data && <p className="quiet">{asksSay(check.data.asks)}</p>}
      </Modal>
    </>
  );
}

/** How often one has asked, and may still ask. */
function asksSay({ asked, limit, nextAt }: Asks): string {
  const left = limit === null ? null : Math.max(0, limit - asked);
  const often = `You have asked ${asked === 1 ? 'once' : `${asked} times`}`;
  const more = left === null ? '.' : left === 0 ? ', as often as you may.' : `; ${left} left.`;
  const when = nextAt !== null && left !== 0 ? ` Again from ${timeText(nextAt)} on.` : '';
  return often + more + when;
}
