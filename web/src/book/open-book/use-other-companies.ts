import { useQuery } from '@tanstack/react-query';
import type { Book } from '@gleddo/core';
import { App } from 'antd';
import { get } from '../../platform/api/client';
import { bookOf } from './book-of';

/** The instructor's companies besides this one, to take something over from. */
export function useOtherCompanies(bookId: string) {
  const { message } = App.useApp();
  const companies = useQuery({
    queryKey: ['companies'],
    queryFn: () => get('companies'),
  });
  const options = (companies.data ?? [])
    .filter((each) => each.bookId !== bookId && !each.putAway)
    .map(({ bookId: value, name: label }) => ({ value, label }));
  const take = async (id: string, onBook: (book: Book) => void): Promise<void> => {
    const book = await bookOf(id).catch(() => null);
    if (book) onBook(book);
    else void message.error('That company could not be read just now. Try again in a moment.');
  };
  return { options, take };
}
