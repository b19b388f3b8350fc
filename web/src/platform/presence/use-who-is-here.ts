import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { OpenKind, OtherHere } from '@gleddo/contract';
import { useEffect } from 'react';
import { ask, post } from '../api/client';

/** Heard of so often, whoever has something open is there for the others. */
const EVERY = 8_000;
const NOBODY: readonly OtherHere[] = [];

interface Open {
  readonly kind: OpenKind;
  readonly id: string;
  readonly page: string;
  /** How often it was changed as far as is known here; what others change since is fetched. */
  readonly revision?: number;
}

const pathOf = (kind: string, id: string) => `here/${kind}/${id}` as const;

/** Says that something is open here, as long as it is; answers who else has it open. */
export function useWhoIsHere({ kind, id, page, revision }: Open): readonly OtherHere[] {
  const queries = useQueryClient();
  const path = pathOf(kind, id);
  const here = useQuery({
    queryKey: ['here', kind, id, page],
    queryFn: () => post(path, { page }),
    refetchInterval: EVERY,
    staleTime: 0,
    gcTime: 0,
    retry: false,
  });
  const now = here.data?.revision ?? null;
  useEffect(() => {
    if (now !== null && revision !== undefined && now > revision)
      void queries.invalidateQueries({ queryKey: ['exercise', id] });
  }, [queries, id, now, revision]);
  useEffect(() => {
    const leave = () => void ask('DELETE', path).catch(() => undefined);
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
    };
  }, [path]);
  return here.data?.others ?? NOBODY;
}
