import { useCallback, useState } from 'react';

interface Held<T> {
  readonly name: string;
  readonly value: T;
}

function read<T>(name: string, otherwise: T): T {
  try {
    const text = sessionStorage.getItem(name);
    return text === null ? otherwise : (JSON.parse(text) as T);
  } catch {
    return otherwise;
  }
}

/**
 * Like useState for what somebody is typing: it is still there after a refresh of the page. The third
 * answer lets go of it.
 */
export function useKept<T>(given: string, initial: T): [T, (value: T) => void, () => void] {
  const name = `gleddo.typed.${given}`;
  const [first] = useState(initial);
  const [held, setHeld] = useState<Held<T>>(() => ({ name, value: read(name, initial) }));
  const current = held.name === name ? held : { name, value: read(name, initial) };
  if (current !== held) setHeld(current);
  const change = useCallback(
    (value: T) => {
      setHeld({ name, value });
      sessionStorage.setItem(name, JSON.stringify(value));
    },
    [name],
  );
  const clear = useCallback(() => {
    setHeld({ name, value: first });
    sessionStorage.removeItem(name);
  }, [name, first]);
  return [current.value, change, clear];
}
