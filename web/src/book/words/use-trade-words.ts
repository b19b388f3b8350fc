import { useEffect, useState } from 'react';
import type { glossary } from './trade-words';

type Words = typeof glossary;

/** What the work itself needs comes first. In milliseconds. */
const A_MOMENT = 800;

const NONE: Words = () => [];
let known: Words | null = null;

/** The words of the trade that are explained; none until they are here, so that nobody waits for them. */
export function useTradeWords(): Words {
  const [words, setWords] = useState<Words>(() => known ?? NONE);
  useEffect(() => {
    if (known) return undefined;
    const take = (fetched: Words) => {
      known = fetched;
      setWords(() => fetched);
    };
    const timer = setTimeout(() => {
      void import('./trade-words').then(({ glossary }) => take(glossary)).catch(() => undefined);
    }, A_MOMENT);
    return () => clearTimeout(timer);
  }, []);
  return words;
}
