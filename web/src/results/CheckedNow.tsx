import { useMutation } from '@tanstack/react-query';
import type { RehearsalMarks } from '@gleddo/contract';
import { useEffect } from 'react';
import { post } from '../api/client';
import { useOpenBook } from '../book/open-book';
import { Asking } from '../shell/Asking';
import { OwnMarked } from './OwnMarked';

/** What the checks say of the open book as it has been saved; told anew whenever it changes. */
export function CheckedNow({ path, what }: { readonly path: string; readonly what: string }) {
  const { book, saving } = useOpenBook();
  const { mutate, data, error } = useMutation({
    mutationFn: () => post<RehearsalMarks>(`${path}/check`),
  });
  useEffect(() => {
    if (saving === 'saved') mutate();
  }, [mutate, book, saving]);
  if (!data || error) return <Asking of={{ error, refetch: () => mutate() }} what={what} />;
  return <OwnMarked work={book} notes={[]} {...data} />;
}
