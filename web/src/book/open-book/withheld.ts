import type { Book, Revealed } from '@gleddo/core';
import { createContext, use } from 'react';

/** What of the accounts is kept back from a beginner until a step brings it in; nothing where no step does. */
export const Withheld = createContext<ReadonlySet<Revealed>>(new Set());

/** Whether accounts are shown with their numbers. */
export function useNumbered({ numberPlan }: Pick<Book, 'numberPlan'>): boolean {
  const withheld = use(Withheld);
  return numberPlan !== null && !withheld.has('numbers');
}
