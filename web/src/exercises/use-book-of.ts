import { useQuery } from '@tanstack/react-query';
import type { BookAnswer } from '@gleddo/contract';
import { bookFromJson, type Book } from '@gleddo/core';
import { get } from '../api/client';

/** A book to be looked at only; null until it is here. */
export function useBookOf(id: string): Book | null {
  const { data } = useQuery({
    queryKey: ['book-of', id],
    queryFn: async () => bookFromJson((await get<BookAnswer>(`books/${id}`)).book),
    staleTime: 0,
  });
  return data?.ok ? data.value : null;
}
