import { useEffect, useState } from 'react';

const EVERY = 15_000;

/** The time of the clock, told anew while a page stands. In milliseconds. */
export function useNow(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), EVERY);
    return () => clearInterval(timer);
  }, []);
  return now;
}
