import type { Scheme } from '../scheme/scheme.js';
import { CALLED_NAMES } from './called-names.js';
import { namesOf } from './guess-type.js';
import { plainName } from './names.js';

const calledSo = new WeakMap<Scheme, ReadonlyMap<string, ReadonlySet<string>>>();
const NO_TYPES: ReadonlySet<string> = new Set();

/** The types of a scheme by the names that their accounts are called, made comparable. */
function typesByName(scheme: Scheme): ReadonlyMap<string, ReadonlySet<string>> {
  const before = calledSo.get(scheme);
  if (before) return before;
  const all = new Map<string, Set<string>>();
  for (const type of scheme.types) {
    const called = Object.hasOwn(CALLED_NAMES, type.id) ? (CALLED_NAMES[type.id] ?? []) : [];
    for (const { text } of [...namesOf(type), ...called.map(plainName)])
      all.set(text, (all.get(text) ?? new Set()).add(type.id));
  }
  calledSo.set(scheme, all);
  return all;
}

/** The ids of the types of which accounts are called just so, whatever their place; none where the name is not known. */
export const typesCalledSo = (scheme: Scheme, name: string): ReadonlySet<string> =>
  typesByName(scheme).get(plainName(name).text) ?? NO_TYPES;
