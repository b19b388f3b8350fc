import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { ask, post } from '../../platform/api/client';

/** Heard of so often, whoever has a work open holds it. */
const EVERY = 20_000;

/** Says that a work is open here, as long as it is; answers who marks it, where that is somebody else. */
export function useOpenWork(tryId: string): string | null {
  const open = useQuery({
    queryKey: ['open-work', tryId],
    queryFn: () => post(`tries/${tryId}/open`),
    refetchInterval: EVERY,
    staleTime: 0,
    gcTime: 0,
  });
  useEffect(() => {
    const leave = () => void ask('DELETE', `tries/${tryId}/open`).catch(() => undefined);
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
    };
  }, [tryId]);
  return open.data?.heldBy ?? null;
}
