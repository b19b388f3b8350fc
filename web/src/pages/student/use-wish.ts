import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { MyTryDetail } from '@gleddo/contract';
import { useEffect, useState } from 'react';
import { post, Problem } from '../../platform/api/client';
import { useOpenBook } from '../../book/open-book/open-book';
import { keepFor, kept } from '../../platform/kept/kept-here';

const nameOf = (exerciseId: string): string => `gleddo.wish.${exerciseId}`;

/** Handing in where there is no line: the wish is kept with its time, and done once all is saved again. */
export function useWish({ exerciseId }: MyTryDetail) {
  const { saving, isConnected } = useOpenBook();
  const queries = useQueryClient();
  const [at, setAt] = useState(() => kept('local', nameOf(exerciseId)));
  const wish = (when: string | null) => {
    keepFor('local', nameOf(exerciseId), when);
    setAt(when);
  };
  const { mutate, isPending, error } = useMutation({
    mutationFn: (wishedAt: string) => post(`my-exercises/${exerciseId}/hand-in`, { wishedAt }),
    onSuccess: (handed) => {
      keepFor('local', nameOf(exerciseId), null);
      queries.setQueryData(['mine', exerciseId], handed);
      void queries.invalidateQueries({ queryKey: ['mine'], exact: true });
    },
    onError: (why) => {
      if (why instanceof Problem && why.status < 500) wish(null);
    },
  });
  const isFree = saving === 'saved' && isConnected;
  useEffect(() => {
    if (at !== null && isFree) mutate(at);
  }, [at, isFree, mutate]);
  return {
    at,
    isPending,
    error,
    isFree,
    wish: () => wish(new Date().toISOString()),
    letGo: () => wish(null),
  };
}
