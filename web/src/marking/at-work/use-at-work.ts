import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { SayWordRequest } from '@gleddo/contract';
import { get, post } from '../../platform/api/client';
import { untilThere } from '../../platform/api/try-again';

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

/** Whatever was said, the class is looked at again. */
function useAgain(exerciseId: string) {
  const queries = useQueryClient();
  return () => queries.invalidateQueries({ queryKey: ['at-work', exerciseId] });
}

/** Says something to the students of some works. */
export const useSaying = (exerciseId: string) =>
  useMutation({
    mutationFn: (word: SayWordRequest) => post(`exercises/${exerciseId}/words`, word),
    retry: untilThere,
    onSuccess: useAgain(exerciseId),
  });

/** A question that was answered otherwise waits no longer. */
export const usePuttingAway = (exerciseId: string) =>
  useMutation({
    mutationFn: (id: string) => post(`exercises/${exerciseId}/words/${id}/put-away`),
    onSuccess: useAgain(exerciseId),
  });
