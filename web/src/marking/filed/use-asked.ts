import { useQuery } from '@tanstack/react-query';
import { bookFromJson, keyOfRules, type Book } from '@gleddo/core';
import { get } from '../../platform/api/client';
import type { Asked } from './filed-work';

function bookOf(document: object | null): Book {
  const book = bookFromJson(document);
  if (!book.ok) throw new Error(book.refusals[0]?.says);
  return book.value;
}

async function asked(exerciseId: string): Promise<Asked> {
  const exercise = await get(`exercises/${exerciseId}`);
  const answer = await get(`books/${exercise.keyBookId}`);
  const key = keyOfRules(bookOf(answer.book), exercise.keyRules);
  if (!key.ok) throw new Error(key.refusals[0]?.says);
  return { key: key.value, start: bookOf(answer.start) };
}

/** Today's key of an exercise and its start. */
export const useAsked = (exerciseId: string) =>
  useQuery({ queryKey: ['asked', exerciseId], queryFn: () => asked(exerciseId), staleTime: 0 });
