import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { ExerciseAnswer, OriginShown } from '@gleddo/contract';
import { Button } from 'antd';
import { post } from '../../platform/api/client';
import { Refusal } from '../../platform/shell/Refusal';
import { ChangedInOrigin } from './ChangedInOrigin';
import { TakenOver } from './TakenOver';

interface OriginBooksProps {
  readonly exercise: ExerciseAnswer;
  readonly origin: OriginShown;
}

/** What was changed of the origin's key and start: done here, too, all that still fits. */
export function OriginBooks({ exercise, origin }: OriginBooksProps) {
  const queries = useQueryClient();
  const take = useMutation({
    mutationFn: () => post(`exercises/${exercise.id}/origin/books`),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['other-version', exercise.id] }),
  });
  const { key, start } = origin;
  const isBehind = key.count + start.count > 0;
  if (!isBehind && !take.data) return null;
  return (
    <section className="paper" aria-label="Its books">
      <h2>Its answer key and its starting point</h2>
      <ChangedInOrigin name="Answer key" of={key} />
      <ChangedInOrigin name="Starting point" of={start} />
      {take.data && <TakenOver {...take.data} />}
      <Refusal of={take} />
      {isBehind && (
        <Button loading={take.isPending} onClick={() => take.mutate()}>
          Take over what still fits
        </Button>
      )}
    </section>
  );
}
