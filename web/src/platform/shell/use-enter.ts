import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Me } from '@gleddo/contract';

/** One of the ways in: whoever comes in is known from then on. */
export const useEnter = <Said>(enter: (said: Said) => Promise<Me>) => {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: enter,
    onSuccess: (me) => queries.setQueryData(['me'], me),
  });
};
