import { useCallback, useEffect, useRef } from 'react';

/** The same function through all drawings, doing what the latest one does: what gets it need not be drawn again. */
export function useSteady<A extends readonly unknown[], R>(
  act: (...given: A) => R,
): (...given: A) => R {
  const latest = useRef(act);
  useEffect(() => {
    latest.current = act;
  });
  return useCallback((...given: A) => latest.current(...given), []);
}
