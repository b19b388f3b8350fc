import { fitting, keyRulesFile, type KeyRulesFile } from '@gleddo/core';
import { LRUCache } from 'lru-cache';

const read = new LRUCache<string, KeyRulesFile>({ max: 200 });

/** The rules of a key as they are kept with an exercise. */
export function keyRulesIn(text: string | null): KeyRulesFile {
  if (text === null) return {};
  const before = read.get(text);
  if (before) return before;
  const rules = fitting(keyRulesFile, JSON.parse(text));
  if (!rules.ok) throw new Error(`the rules of a key can’t be read: ${rules.refusals[0]?.says}`);
  read.set(text, rules.value);
  return rules.value;
}

/** Whether the rules of a key draw figures for each student. */
export const drawsFigures = (keyRules: string | null): boolean =>
  keyRulesIn(keyRules).figures !== undefined;
