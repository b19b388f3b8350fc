import { dictionary } from '@zxcvbn-ts/language-common';
import { refuse } from '../http/problem.js';

/** The commonest passwords there are, as they were found in leaks. */
const COMMON: ReadonlySet<string> = new Set(dictionary['passwords-common'] as string[]);

const SHORTEST_NAME = 4;
/** What is left of a password beside a name or a common word must be as long. */
const OF_ONES_OWN = 6;

/** A short piece again and again: `abcabcabcabc`. */
const isRepeated = (text: string): boolean =>
  [1, 2, 3, 4].some(
    (size) => text === text.slice(0, size).repeat(text.length).slice(0, text.length),
  );

const withoutEnd = (text: string): string => text.replace(/[\d!?.$*@#%&+_-]{1,6}$/, '');

/** Whether it is one of the first that are tried: a common one, with digits behind it, twice, or one's own name. */
function isWeak(password: string, names: readonly string[]): boolean {
  const text = password.normalize('NFKC').toLowerCase();
  const half = text.slice(0, text.length / 2);
  const isCommon =
    COMMON.has(text) || COMMON.has(withoutEnd(text)) || (half + half === text && COMMON.has(half));
  const isNamed = names
    .flatMap((name) => name.toLowerCase().split(/[^\p{L}\p{N}]+/u))
    .some(
      (name) =>
        name.length >= SHORTEST_NAME &&
        text.includes(name) &&
        text.replaceAll(name, '').length < OF_ONES_OWN,
    );
  return isCommon || isNamed || isRepeated(text);
}

/** Refuses, at the field, a password that is tried before others. */
export function judgePassword(password: string, names: readonly string[], at = 'password'): void {
  if (isWeak(password, names))
    throw refuse(
      'password.common',
      'This is one of the passwords that are tried first: a common one, one’s own name, or the same again and again. Choose some words that only you put together.',
      at,
    );
}
