import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { GroupAnswer, StudentRequest } from '@gleddo/contract';
import { ask, post } from '../../platform/api/client';

export type StudentChange =
  | { readonly what: 'change'; readonly id: string; readonly to: StudentRequest }
  | { readonly what: 'take-out' | 'back'; readonly id: string }
  | { readonly what: 'move'; readonly id: string; readonly to: string }
  | { readonly what: 'merge'; readonly id: string; readonly into: string };

function send(group: string, change: StudentChange): Promise<GroupAnswer> {
  const { id } = change;
  switch (change.what) {
    case 'change':
      return ask('PATCH', `groups/${group}/members/${id}`, change.to);
    case 'take-out':
      return ask('DELETE', `groups/${group}/members/${id}`);
    case 'back':
      return post(`groups/${group}/members/${id}/back`);
    case 'move':
      return post(`groups/${group}/members/${id}/move`, { to: change.to });
    case 'merge':
      return post(`groups/${group}/members/${id}/merge`, { into: change.into });
  }
}

/** What is asked anew once somebody is another, or elsewhere. */
export const CHANGED = ['groups', 'group', 'results', 'exercise', 'exercises', 'today', 'term'];

/** A change of one student of a class. */
export function useStudentChange({ id: group }: Pick<GroupAnswer, 'id'>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (change: StudentChange) => send(group, change),
    onSuccess: async (answer) => {
      queries.setQueryData(['group', group], answer);
      for (const list of CHANGED) await queries.invalidateQueries({ queryKey: [list] });
    },
  });
}
