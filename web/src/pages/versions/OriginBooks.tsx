import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { ChangedBook, ExerciseAnswer, OriginShown } from '@gleddo/contract';
import { Button } from 'antd';
import { post } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { momentText } from '../../platform/figures/days';
import { Refusal } from '../../platform/shell/Refusal';

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
      <Changed name="Answer key" of={key} />
      <Changed name="Starting point" of={start} />
      {take.data && (
        <>
          <p role="status">
            {take.data.done} {take.data.done === 1 ? 'change was' : 'changes were'} taken over.
          </p>
          <Refusal says={take.data.refused.map((says) => `Left as it is here: ${says}`)} />
        </>
      )}
      <Refusal of={take} />
      {isBehind && (
        <Button loading={take.isPending} onClick={() => take.mutate()}>
          Take over what still fits
        </Button>
      )}
    </section>
  );
}

function Changed({ name, of }: { readonly name: string; readonly of: ChangedBook }) {
  if (of.count === 0) return null;
  return (
    <>
      <h3>
        {name}: {counted(of.count, 'change')} there since
        {of.count > of.latest.length && `, the latest ${String(of.latest.length)}`}
      </h3>
      <ul className="plain-list">
        {of.latest.map(({ revision, says, by, at }) => (
          <li key={revision}>
            {says}{' '}
            <span className="quiet">
              · {by}, {momentText(at)}
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
