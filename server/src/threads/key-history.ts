import { keyChanges } from '@gleddo/core';
import { readKeyText, type KeyText } from './checking.js';

/** What each of a key’s versions, the newest first, changed of the one behind it; nothing for the last. */
export function keyHistory(texts: readonly KeyText[]): string[][] {
  const keys = texts.map((text) => readKeyText(text).key);
  return keys.map((after, i) => {
    const before = keys[i + 1];
    return before ? keyChanges(before, after) : [];
  });
}
