import { useBookStore, useOpenBook } from '../open-book/open-book';

/** What somebody says of the taxes that documents charge: all of it, the account of each (a student), or nothing. */
export function useMayCharge(): 'all' | 'accounts' | 'nothing' {
  const { mayChange } = useOpenBook().answer;
  const { rules } = useBookStore();
  if (!mayChange) return 'nothing';
  return rules.by === 'student' ? 'accounts' : 'all';
}
