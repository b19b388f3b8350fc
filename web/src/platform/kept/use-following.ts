import { useState } from 'react';

/** State that starts from an outer value and falls back to it whenever that one changes. */
export function useFollowing<T>(outer: T): [T, (value: T) => void] {
  const [seen, setSeen] = useState(outer);
  const [value, setValue] = useState(outer);
  if (seen !== outer) {
    setSeen(outer);
    setValue(outer);
    return [outer, setValue];
  }
  return [value, setValue];
}
