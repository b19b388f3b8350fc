import { useMutation, useQueryClient } from '@tanstack/react-query';
import { forgetAnswers } from '../offline/kept-answers';
import type { Me } from '@gleddo/contract';

/** One of the ways in: whoever comes in is known from then on. */
export const useEnter = <Said>(enter: (said: Said) => Promise<Me>) => {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: enter,
    onSuccess: async (me) => {
      await forgetAnswers();
      queries.setQueryData(['me'], me);
    },
  });
};
