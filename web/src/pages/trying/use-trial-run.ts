import {
  useMutation,
  useQuery,
  useQueryClient,
  type UseMutationResult,
} from '@tanstack/react-query';
import type { TrialRun } from '@gleddo/contract';
import type { Planting } from '@gleddo/core';
import { useNavigate } from 'react-router';
import { get, post } from '../../platform/api/client';

/** From what a try is begun: the starting point, with the figures of a seed, or a copy of the key with faults in it. */
type Beginning = { readonly seed: number | null } | { readonly planting: Planting };

export type Begin = UseMutationResult<TrialRun, Error, Beginning>;

const beginBy = (id: string, from: Beginning): Promise<TrialRun> => {
  if ('seed' in from)
    return post(`exercises/${id}/trial-run/begin`, from.seed === null ? {} : { seed: from.seed });
  const { faults, seed } = from.planting;
  return post(`exercises/${id}/trial-run/spoil`, { faults, seed });
};

const keyOf = (exerciseId: string) => ['rehearsal', exerciseId];

/** The instructor's own try, as it is told. */
export const useTrialRunOf = (exerciseId: string, enabled = true) =>
  useQuery({
    enabled,
    queryKey: keyOf(exerciseId),
    queryFn: () => get(`exercises/${exerciseId}/trial-run`),
    staleTime: 0,
  });

/** The instructor's own try, begun from the start or from a copy of the key with faults in it. */
export function useTrialRun(exerciseId: string) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const trialRun = useTrialRunOf(exerciseId);
  const begin: Begin = useMutation({
    mutationFn: (from) => beginBy(exerciseId, from),
    onSuccess: (begun, from) => {
      queries.setQueryData(keyOf(exerciseId), begun);
      if ('planting' in from) void navigate(`/exercises/${exerciseId}/try/marks`);
    },
  });
  return { trialRun, begin };
}
