import { useEffect, useState, type ReactNode } from 'react';

/** In milliseconds. */
const A_MOMENT = 1_500;

/** What nobody misses at first: it is fetched once the work itself stands. */
export function Later({ children }: { readonly children: ReactNode }) {
  const [isNow, setNow] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setNow(true), A_MOMENT);
    return () => clearTimeout(timer);
  }, []);
  return isNow ? children : null;
}
