import { useQuery } from '@tanstack/react-query';
import { bookFromJson, type Book } from '@gleddo/core';
import { get } from '../../platform/api/client';

/** A book to be looked at only; null when it can't be read. */
export async function bookOf(id: string): Promise<Book | null> {
  const { book } = await get(`books/${id}`);
  const read = bookFromJson(book);
  return read.ok ? read.value : null;
}

/** A book to be looked at only; null until it is here. */
export function useBookOf(id: string): Book | null {
  const { data } = useQuery({
    queryKey: ['book-of', id],
    queryFn: () => bookOf(id),
    staleTime: 0,
  });
  return data ?? null;
}
