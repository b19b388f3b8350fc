import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { inWords, shippedPlan, shippedScheme, type DrillKind, type Words } from '@gleddo/core';
import { get, post } from '../../platform/api/client';
import { untilThere } from '../../platform/api/try-again';

const KEY = ['drills'] as const;

const SCHEME = shippedScheme('current-first');
const PLAN = shippedPlan('four-digit');

/** The scheme, in the words of a country, and the plan by which names are asked. */
export const drillBy = (words: Words) => SCHEME && { scheme: inWords(SCHEME, words), plan: PLAN };

/** What a student was asked so far, what came of it, and what an instructor asks for. */
export const useDrills = () =>
  useQuery({ queryKey: KEY, queryFn: () => get('drills'), staleTime: 0 });

export interface GivenAnswer {
  /** One sent twice counts once. */
  readonly token: string;
  readonly name: string;
  readonly kind: DrillKind;
  readonly answer: string;
}

/** Keeps an answer; it is told at once, before the server has heard of it. */
export function useAnswer() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (answer: GivenAnswer) => post('drills/answers', answer),
    retry: untilThere,
    onSuccess: () => queries.invalidateQueries({ queryKey: KEY, refetchType: 'none' }),
  });
}
