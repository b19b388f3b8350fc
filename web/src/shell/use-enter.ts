import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Me } from '@gleddo/contract';
import { post } from '../api/client';

/** One of the ways in: whoever comes in is known from then on. */
export const useEnter = (path: string) => {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: unknown) => post<Me>(path, body),
    onSuccess: (me) => queries.setQueryData(['me'], me),
  });
};
