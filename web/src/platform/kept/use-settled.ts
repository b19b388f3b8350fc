import { useEffect, useState } from 'react';

/** In milliseconds: while somebody types, the server is not asked after each letter. */
const PAUSE = 400;

/** The latest value once nothing has changed for a moment. */
export function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), PAUSE);
    return () => clearTimeout(timer);
  }, [value]);
  return settled;
}
