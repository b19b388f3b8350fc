import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { SayWordRequest } from '@gleddo/contract';
import { get, post } from '../../platform/api/client';

/** In milliseconds: what a student does is seen within two of these. */
const LOOK_EVERY = 1_000;

/** A class as it is now, looked at again and again while somebody looks. */
export const useAtWork = (exerciseId: string, group: string | null) =>
  useQuery({
    queryKey: ['at-work', exerciseId, group],
    queryFn: () => get(`exercises/${exerciseId}/at-work`, { group }),
    placeholderData: keepPreviousData,
    staleTime: 0,
    refetchInterval: LOOK_EVERY,
  });

/** Says something to the students of some works, or puts a question away. */
export function useSaying(exerciseId: string) {
  const queries = useQueryClient();
  const onSuccess = () => queries.invalidateQueries({ queryKey: ['at-work', exerciseId] });
  const say = useMutation({
    mutationFn: (word: SayWordRequest) => post(`exercises/${exerciseId}/words`, word),
    onSuccess,
  });
  const putAway = useMutation({
    mutationFn: (id: string) => post(`exercises/${exerciseId}/words/${id}/put-away`),
    onSuccess,
  });
  return { say, putAway };
}
