import { useCallback, useLayoutEffect, useRef, useState } from 'react';
import { keepFor, kept } from './kept-here';

interface Held<T> {
  readonly name: string;
  readonly value: T;
}

const fullName = (given: string): string => `gleddo.typed.${given}`;

function read<T>(name: string, otherwise: T): T {
  const text = kept('session', name);
  try {
    return text === null ? otherwise : (JSON.parse(text) as T);
  } catch {
    return otherwise;
  }
}

/** Whether something was typed under this name and not finished. */
export const isKept = (given: string): boolean => kept('session', fullName(given)) !== null;

/** A value, or what becomes of the one that there is. */
export type Change<T> = T | ((now: T) => T);

/**
 * Like useState for what somebody is typing: it is still there after a refresh of the page. The third
 * answer lets go of it.
 */
export function useKept<T>(
  given: string,
  initial: T,
): [T, (change: Change<T>) => void, () => void] {
  const name = fullName(given);
  const [first] = useState(initial);
  const [held, setHeld] = useState<Held<T>>(() => ({ name, value: read(name, initial) }));
  const current = held.name === name ? held : { name, value: read(name, initial) };
  if (current !== held) setHeld(current);
  // Two changes may come before the first of them is drawn.
  const latest = useRef(current.value);
  useLayoutEffect(() => {
    latest.current = current.value;
  }, [current.value]);
  const change = useCallback(
    (changed: Change<T>) => {
      const value =
        typeof changed === 'function' ? (changed as (now: T) => T)(latest.current) : changed;
      latest.current = value;
      setHeld({ name, value });
      keepFor('session', name, JSON.stringify(value));
    },
    [name],
  );
  const clear = useCallback(() => {
    latest.current = first;
    setHeld({ name, value: first });
    keepFor('session', name, null);
  }, [name, first]);
  return [current.value, change, clear];
}
