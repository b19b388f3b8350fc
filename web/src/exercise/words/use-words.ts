import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { AskWordRequest, GuideAnswer, Word } from '@gleddo/contract';
import { get, post } from '../../platform/api/client';

/** In milliseconds: how soon a word is there while one works. */
const LOOK_EVERY = 15_000;

/** What is said about one’s own work, and asking. */
export function useWords(exerciseId: string) {
  const queries = useQueryClient();
  const queryKey = ['words', exerciseId];
  const words = useQuery({
    queryKey,
    queryFn: () => get(`my-exercises/${exerciseId}/words`),
    staleTime: 0,
    refetchInterval: LOOK_EVERY,
  });
  const onSuccess = (all: Word[]) => queries.setQueryData(queryKey, all);
  const ask = useMutation({
    mutationFn: (word: AskWordRequest) => post(`my-exercises/${exerciseId}/words`, word),
    onSuccess,
  });
  const seen = useMutation({
    mutationFn: () => post(`my-exercises/${exerciseId}/words/seen`),
    onSuccess,
  });
  return { words: words.data ?? [], ask, seen };
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
