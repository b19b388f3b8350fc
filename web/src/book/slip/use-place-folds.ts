import { sectionOfType, type Scheme } from '@gleddo/core';
import { useState } from 'react';

export interface PlaceFolds {
  /** All show theirs, since one searches. */
  readonly isSearching: boolean;
  readonly isAllOpen: boolean;
  isOpen(section: string): boolean;
  turn(section: string): void;
  turnAll(): void;
}

/** Which sections of the sheet of places show their types: that of the account, what is asked for, all while one searches. */
export function usePlaceFolds(scheme: Scheme, type: string | null, searching: boolean): PlaceFolds {
  const own = sectionOfType(scheme, type)?.id;
  const [open, setOpen] = useState<ReadonlySet<string>>(new Set(own === undefined ? [] : [own]));
  const all = scheme.sections.map(({ id }) => id);
  const isAllOpen = all.every((id) => open.has(id));
  return {
    isSearching: searching,
    isAllOpen,
    isOpen: (section) => searching || open.has(section),
    turn: (section) =>
      setOpen(
        (was) =>
          new Set(was.has(section) ? [...was].filter((id) => id !== section) : [...was, section]),
      ),
    turnAll: () => setOpen(new Set(isAllOpen ? [] : all)),
  };
}
