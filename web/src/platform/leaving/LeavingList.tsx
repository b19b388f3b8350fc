import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Leaving } from '@gleddo/contract';
import { Button } from 'antd';
import { ask, get } from '../api/client';
import { Refusal } from '../shell/Refusal';
import { leavesOn } from './what-goes';

interface LeavingListProps {
  /** Which of those that one may know of. */
  readonly which?: (leaving: Leaving) => boolean;
}

/** What is to be deleted, with a way to take that back; nothing where nothing is. */
export function LeavingList({ which = () => true }: LeavingListProps) {
  const queries = useQueryClient();
  const leavings = useQuery({
    queryKey: ['leavings'],
    queryFn: () => get('leavings'),
    staleTime: 0,
  });
  const takeBack = useMutation({
    mutationFn: ({ kind, id }: Leaving) => ask('DELETE', `leavings/${kind}/${id}`),
    onSettled: () => queries.invalidateQueries({ queryKey: ['leavings'] }),
  });
  const shown = (leavings.data ?? []).filter(which);
  if (shown.length === 0) return null;
  return (
    <section aria-label="To be deleted">
      <ul className="plain-list two-ends">
        {shown.map((each) => (
          <li key={`${each.kind} ${each.id}`}>
            <span>
              <strong>{each.name}</strong> <span className="quiet">is {leavesOn(each)}</span>
            </span>
            {each.mayTakeBack && (
              <Button
                size="small"
                aria-label={`Take back: ${each.name}`}
                onClick={() => takeBack.mutate(each)}
              >
                Take back
              </Button>
            )}
          </li>
        ))}
      </ul>
      <Refusal of={takeBack} />
    </section>
  );
}
