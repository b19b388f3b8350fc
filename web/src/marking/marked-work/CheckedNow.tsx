import { useMutation } from '@tanstack/react-query';
import type { TrialRunMarks } from '@gleddo/contract';
import { useEffect, type ReactNode } from 'react';
import { useOpenBook } from '../../book/open-book/open-book';
import { Asking } from '../../platform/shell/Asking';
import { OwnMarked } from './OwnMarked';

interface CheckedNowProps<T> {
  ask(): Promise<T>;
  readonly what: string;
  readonly children: (checked: T) => ReactNode;
}

/** What the checks say of the open book as it has been saved; told anew whenever it changes. */
export function CheckedNow<T>({ ask, what, children }: CheckedNowProps<T>) {
  const { book, saving } = useOpenBook();
  const { mutate, data, error } = useMutation({ mutationFn: ask });
  useEffect(() => {
    if (saving === 'saved') mutate();
  }, [mutate, book, saving]);
  if (!data || error) return <Asking of={{ error, refetch: () => mutate() }} what={what} />;
  return children(data);
}

/** The open book with all that was found of it. */
export function MarkedNow(marks: TrialRunMarks) {
  return <OwnMarked work={useOpenBook().book} notes={[]} {...marks} />;
}
