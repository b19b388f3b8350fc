import { useSyncExternalStore } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { kept, keepFor } from '../kept/kept-here';

const NAME = 'gleddo.single-keys';
const listeners = new Set<() => void>();

/** Whether single characters do something; who speaks to the machine, or slips, turns them off. */
export const singleKeys = {
  areOn: (): boolean => kept('local', NAME) !== 'off',
  turn(on: boolean): void {
    keepFor('local', NAME, on ? null : 'off');
    for (const listener of listeners) listener();
  },
  subscribe(listener: () => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
};

export const useSingleKeys = (): boolean =>
  useSyncExternalStore(singleKeys.subscribe, singleKeys.areOn);

/**
 * Does something when a character is typed outside every field, whichever keys of one's keyboard make it. Never while
 * a window lies over the page.
 */
export function useSingleKey(character: string, act: () => void): void {
  const enabled = useSingleKeys();
  useHotkeys(
    character,
    (event) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isUnderAWindow()) return;
      event.preventDefault();
      act();
    },
    { enabled, useKey: true, ignoreModifiers: true },
  );
}

const isUnderAWindow = (): boolean =>
  [...document.querySelectorAll('[role="dialog"]')].some(
    (each) => each.getClientRects().length > 0 && each.closest('.ant-modal') !== null,
  );
