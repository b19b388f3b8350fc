import type { ExerciseAnswer } from '@gleddo/contract';
import { keyOfRules, type AnswerKey, type Book } from '@gleddo/core';
import { useMemo } from 'react';
import { useBookOf } from '../../book/open-book/book-of';

/** The key of an exercise and what students begin with; null until both are here. */
export function useMadeKey({
  keyBookId,
  startBookId,
  keyRules,
}: ExerciseAnswer): { readonly made: AnswerKey; readonly start: Book } | null {
  const book = useBookOf(keyBookId);
  const start = useBookOf(startBookId);
  const key = useMemo(() => (book ? keyOfRules(book, keyRules) : null), [book, keyRules]);
  return key?.ok && start ? { made: key.value, start } : null;
}
