import type { Operation } from '@gleddo/core';
import { useState } from 'react';
import { useBookStore } from './open-book';

/** Changes the open book, and keeps why it was refused; what could not even be said is a refusal, too. */
export function useChange() {
  const store = useBookStore();
  const [refused, setRefused] = useState<readonly string[]>([]);
  /** Whether it was done. */
  const change = (operation: Operation | string): boolean => {
    const says =
      typeof operation === 'string'
        ? [operation]
        : store.change(operation).refusals.map((each) => each.says);
    setRefused(says);
    return says.length === 0;
  };
  return { change, refused, forget: () => setRefused([]) };
}
