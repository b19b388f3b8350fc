import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ExerciseAnswer, GroupSummary } from '@gleddo/contract';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { get, post } from '../api/client';

/** Hands an exercise out to a class group. */
export function HandOutView({ exercise }: { exercise: ExerciseAnswer }) {
  const queries = useQueryClient();
  const groups = useQuery({ queryKey: ['groups'], queryFn: () => get<GroupSummary[]>('groups') });
  const [groupId, setGroupId] = useState(exercise.groupId);
  const handOut = useMutation({
    mutationFn: (id: string) =>
      post<ExerciseAnswer>(`exercises/${exercise.id}/hand-out`, { groupId: id }),
    onSuccess: (changed) => {
      queries.setQueryData(['exercise', exercise.id], changed);
      void queries.invalidateQueries({ queryKey: ['exercises'] });
    },
  });
  const isOut = exercise.state === 'handed-out';
  return (
    <main className="desk">
      <section className="paper narrow">
        <h2>{isOut ? `Handed out to ${exercise.group ?? 'a class group'}` : 'Hand out'}</h2>
        <p>
          {isOut
            ? `${exercise.tries} have begun, ${exercise.handedIn} have handed in and wait for their marks, ${exercise.givenBack} have been given back.`
            : 'Every student of the class group gets a book of their own, from the starting point, as soon as they begin.'}
        </p>
        <div style={{ display: 'flex', gap: 8 }}>
          <Select
            aria-label="Class group"
            style={{ flex: 1 }}
            placeholder="Choose a class group"
            value={groupId}
            options={(groups.data ?? []).map((group) => ({
              value: group.id,
              label: `${group.name}, ${group.students} students`,
            }))}
            onChange={(id: string) => setGroupId(id)}
          />
          <Button
            type="primary"
            disabled={groupId === null || (isOut && groupId === exercise.groupId)}
            loading={handOut.isPending}
            onClick={() => groupId !== null && handOut.mutate(groupId)}
          >
            {isOut ? 'Hand out to this one instead' : 'Hand out'}
          </Button>
        </div>
        {(groups.data ?? []).length === 0 && groups.isSuccess && (
          <p className="notice">
            There is no class group yet. Make one under <Link to="/groups">Class groups</Link>, then
            come back.
          </p>
        )}
        {handOut.error && (
          <p className="refusal" role="alert">
            {handOut.error.message}
          </p>
        )}
        {isOut && (
          <p>
            <Link to={`/results/${exercise.id}`}>See the results</Link>
          </p>
        )}
      </section>
    </main>
  );
}
