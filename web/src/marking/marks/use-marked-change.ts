import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Marked } from '@gleddo/contract';

/** Changes of a marked work: what the server answers takes its place. */
export function useMarkedChange(tryId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (change: () => Promise<Marked>) => change(),
    onSuccess: (marked) => {
      queries.setQueryData(['marked', tryId], marked);
      void queries.invalidateQueries({ queryKey: ['results'] });
      void queries.invalidateQueries({ queryKey: ['exercises'] });
    },
  });
}

export type MarkedChange = ReturnType<typeof useMarkedChange>;
