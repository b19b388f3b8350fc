import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { AskWordRequest, GuideAnswer, Word } from '@gleddo/contract';
import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import { get, post } from '../../platform/api/client';
import { untilThere } from '../../platform/api/try-again';
import { useKept } from '../../platform/kept/use-kept';

/** In milliseconds: how soon a word is there while one works. */
const LOOK_EVERY = 15_000;

const keyOf = (exerciseId: string) => ['words', exerciseId] as const;

/** What is said about one’s own work, the oldest first. */
export function useWords(exerciseId: string): readonly Word[] {
  const words = useQuery({
    queryKey: keyOf(exerciseId),
    queryFn: () => get(`my-exercises/${exerciseId}/words`),
    staleTime: 0,
    refetchInterval: LOOK_EVERY,
  });
  return words.data ?? [];
}

/** Words as they are typed, kept through a refresh, and the name under which they are sent once. */
export function useTypedWord(name: string) {
  const [text, setText, clear] = useKept(name, '');
  // eslint-disable-next-line react-hooks/exhaustive-deps -- other words are another request
  const token = useMemo(() => nanoid(), [text]);
  return { text, setText, clear, token, isEmpty: text.trim() === '' };
}

/** Asks about one’s own work. */
export function useAsking(exerciseId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (word: AskWordRequest) => post(`my-exercises/${exerciseId}/words`, word),
    retry: untilThere,
    onSuccess: (all) => queries.setQueryData(keyOf(exerciseId), all),
  });
}

/** What is said to one and not read yet. */
export const unread = (words: readonly Word[]): readonly Word[] =>
  words.filter(({ isAsked, isSeen }) => !isAsked && !isSeen);

/** These have been read. */
export function useSeen(exerciseId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (read: readonly Word[]) =>
      post(`my-exercises/${exerciseId}/words/seen`, { words: read.map(({ id }) => id) }),
    onSuccess: (all) => {
      queries.setQueryData(keyOf(exerciseId), all);
      void queries.invalidateQueries({ queryKey: ['mine'] });
    },
  });
}

/** The step at which one is, as far as anything leads through the book. */
export function useStepTitle(bookId: string): () => string {
  const queries = useQueryClient();
  return () => {
    const known = queries.getQueriesData<GuideAnswer>({ queryKey: ['guide', bookId] });
    const [, newest] = known.at(-1) ?? [];
    return newest?.guide.steps.find(({ id }) => id === newest.place.step)?.title ?? '';
  };
}
