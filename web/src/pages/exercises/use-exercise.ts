import { useQuery } from '@tanstack/react-query';
import { get } from '../../platform/api/client';

/** What somebody else may change: asked anew whenever one comes back to it. */
export const useExercise = (id: string) =>
  useQuery({
    queryKey: ['exercise', id],
    queryFn: () => get(`exercises/${id}`),
    refetchOnWindowFocus: 'always',
  });
