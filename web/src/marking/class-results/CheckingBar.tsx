import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { ClassResults } from '@gleddo/contract';
import { Button, Progress } from 'antd';
import { post } from '../../platform/api/client';
import { Refusal } from '../../platform/shell/Refusal';
import { counted } from '../../platform/figures/counted';
import styles from './class-results.module.css';

/** How far the checks of a class are, with a way to stop them; nothing when none are under way. */
export function CheckingBar({ results }: { results: ClassResults }) {
  const { exerciseId: id, checking } = results;
  const queries = useQueryClient();
  const stop = useMutation({
    mutationFn: () => post(`exercises/${id}/check-again/cancel`),
    onSuccess: (answer) => queries.setQueryData(['results', id], answer),
  });
  if (!checking) return null;
  const { done, total } = checking;
  return (
    <div className={styles['checking']} role="status">
      <span>
        {done} of {counted(total, 'work')} checked
      </span>
      <Progress
        percent={Math.round((100 * done) / total)}
        showInfo={false}
        size="small"
        aria-label="How far the checks are"
      />
      <Button size="small" loading={stop.isPending} onClick={() => stop.mutate()}>
        Stop here
      </Button>
      <Refusal of={stop} />
    </div>
  );
}
