import { useBookStore, useOpenBook } from '../open-book/open-book';

/** Whether somebody sets which taxes documents charge: whoever the book is of, no student. */
export function useMayCharge(): boolean {
  const { mayChange } = useOpenBook().answer;
  const { rules } = useBookStore();
  return mayChange && rules.by !== 'student';
}
