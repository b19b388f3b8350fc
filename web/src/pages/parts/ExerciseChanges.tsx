import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ExerciseChange } from '@gleddo/contract';
import { Button } from 'antd';
import { Link } from 'react-router';
import { get, post } from '../../platform/api/client';
import { momentText } from '../../platform/figures/days';
import { Asking } from '../../platform/shell/Asking';
import { Refusal } from '../../platform/shell/Refusal';

const MOST_NAMED = 3;

function whatWas({ what, undoes }: ExerciseChange): string {
  const more = what.length - MOST_NAMED;
  const named = what.slice(0, MOST_NAMED).join(', ');
  return `${undoes === null ? '' : 'took back: '}${named}${more > 0 ? ` and ${more} more` : ''}`;
}

/** What was changed of an exercise by whom, the latest first, each to be taken back where it still stands. */
export function ExerciseChanges({ exerciseId }: { exerciseId: string }) {
  const queries = useQueryClient();
  const changes = useQuery({
    queryKey: ['exercise-changes', exerciseId],
    queryFn: () => get(`exercises/${exerciseId}/changes`),
    staleTime: 0,
  });
  const takeBack = useMutation({
    mutationFn: (revision: number) =>
      post(`exercises/${exerciseId}/changes/${String(revision)}/take-back`),
    onSuccess: (exercise) => queries.setQueryData(['exercise', exerciseId], exercise),
    onSettled: () => queries.invalidateQueries({ queryKey: ['exercise-changes', exerciseId] }),
  });
  if (!changes.data) return <Asking of={changes} what="What was changed" />;
  if (changes.data.length === 0) return <p className="quiet">Nothing was changed yet.</p>;
  return (
    <>
      <Refusal of={takeBack} />
      <ul className="plain-list two-ends">
        {changes.data.map((each) => (
          <Change
            key={each.revision}
            of={each}
            {...{ exerciseId }}
            onTakeBack={() => takeBack.mutate(each.revision)}
          />
        ))}
      </ul>
    </>
  );
}

interface ChangeProps {
  readonly of: ExerciseChange;
  readonly exerciseId: string;
  onTakeBack(): void;
}

const Change = ({ of, exerciseId, onTakeBack }: ChangeProps) => (
  <li>
    <span>
      {whatWas(of)}
      <span className="quiet">
        {' '}
        · {of.by}, {momentText(of.at)}
      </span>
    </span>
    <span>
      <Link to={`/exercises/${exerciseId}/versions?with=before-${String(of.revision)}`}>
        Compare with before
      </Link>{' '}
      {of.mayTakeBack && (
        <Button size="small" onClick={onTakeBack}>
          Take back
        </Button>
      )}
    </span>
  </li>
);
