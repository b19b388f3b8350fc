import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { GuideAnswer, GuidePlace, HintRequest } from '@gleddo/contract';
import { ask, get, post } from '../../platform/api/client';
import { untilThere } from '../../platform/api/try-again';
import { useOpenBook } from '../../book/open-book/open-book';
import { useSettled } from '../../platform/kept/use-settled';

const keyOf = (bookId: string) => ['guide', bookId] as const;

/** What leads through the open book, told anew after each change that was saved. */
export function useGuide() {
  const { answer, revision, saving } = useOpenBook();
  const settled = useSettled(revision);
  return useQuery({
    queryKey: [...keyOf(answer.id), settled],
    queryFn: () => get(`books/${answer.id}/guide`),
    enabled: saving !== 'saving',
    placeholderData: keepPreviousData,
  });
}

/** Answers and ticks, shown at once and kept by the server. */
export function useGuideChanges() {
  const { answer } = useOpenBook();
  const queries = useQueryClient();
  const path = `books/${answer.id}` as const;
  const again = () => queries.invalidateQueries({ queryKey: keyOf(answer.id) });
  const put = useMutation({
    mutationFn: (given: { question: string; answer: string }) =>
      ask('PUT', `${path}/answers`, given),
    retry: untilThere,
    onSuccess: again,
  });
  const goOn = useMutation({
    mutationFn: (step: string) => post(`${path}/skip-ahead`, { step }),
    onSuccess: again,
  });
  const hint = useMutation({
    mutationFn: (asked: HintRequest) => post(`${path}/hints`, asked),
    onSuccess: again,
  });
  const placing = ['place', answer.id] as const;
  const place = useMutation({
    mutationKey: placing,
    mutationFn: (at: GuidePlace & { readonly step: string }) => ask('PUT', `${path}/place`, at),
    onMutate: async (at) => {
      // What was asked for before the tick would take it back when it is answered.
      await queries.cancelQueries({ queryKey: keyOf(answer.id) });
      queries.setQueriesData<GuideAnswer>({ queryKey: keyOf(answer.id) }, (before) =>
        before ? { ...before, place: at } : before,
      );
    },
    // Of several ticks only the last asks anew.
    onSettled: () => (queries.isMutating({ mutationKey: placing }) > 1 ? undefined : again()),
  });
  return { put, goOn, hint, place };
}
