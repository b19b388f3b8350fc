import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { MyTryDetail } from '@gleddo/contract';
import { useEffect, useState } from 'react';
import { post, Problem } from '../../platform/api/client';
import { untilThere } from '../../platform/api/try-again';
import { useOpenBook } from '../../book/open-book/open-book';
import { keepFor, kept } from '../../platform/kept/kept-here';

/** By the work itself: in one browser several people may do one exercise. */
const nameOf = (bookId: string): string => `gleddo.wish.${bookId}`;

/** A work that is in wishes nothing any more, also where nobody heard that it is. */
export function useNoWishOnceIn({ state }: MyTryDetail, bookId: string): void {
  useEffect(() => {
    if (state !== 'working') keepFor('local', nameOf(bookId), null);
  }, [state, bookId]);
}

/** What the server has looked at and will not have; all else is tried again. */
const REFUSED = [400, 403, 404, 422];

/** Handing in where there is no line: the wish is kept with its time, and done once all is saved again. */
export function useWish({ exerciseId }: MyTryDetail) {
  const { saving, isConnected, answer } = useOpenBook();
  const name = nameOf(answer.id);
  const queries = useQueryClient();
  const [at, setAt] = useState(() => kept('local', name));
  const wish = (when: string | null) => {
    keepFor('local', name, when);
    setAt(when);
  };
  const { mutate, isPending, error } = useMutation({
    mutationFn: (wishedAt: string) => post(`my-exercises/${exerciseId}/hand-in`, { wishedAt }),
    retry: untilThere,
    onSuccess: (handed) => {
      keepFor('local', name, null);
      queries.setQueryData(['mine', exerciseId], handed);
      void queries.invalidateQueries({ queryKey: ['mine'], exact: true });
    },
    onError: (why) => {
      if (why instanceof Problem && REFUSED.includes(why.status)) wish(null);
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
