import type { Book, Brought } from '@gleddo/core';
import { createContext, use } from 'react';

/** What of the accounts is kept back from a beginner until a step brings it in; nothing where no step does. */
export const KeptBack = createContext<ReadonlySet<Brought>>(new Set());

/** Whether accounts are shown with their numbers. */
export function useNumbered({ numberPlan }: Pick<Book, 'numberPlan'>): boolean {
  const keptBack = use(KeptBack);
  return numberPlan !== null && !keptBack.has('numbers');
}
