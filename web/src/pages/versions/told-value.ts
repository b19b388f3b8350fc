import type { Named } from '@gleddo/core';

/** A field of a part, in words: what it is called, and what it says. */
interface ToldField {
  readonly name: string;
  readonly says: string;
}

/** What is shown of a part: a text as it is, of an object each field that says something. */
const NAMES: Readonly<Record<string, string>> = {
  accounts: 'accounts asked for',
  openings: 'opening balances asked for',
  entries: 'entries asked for',
  documents: 'documents asked for',
  figures: 'check figures',
  sheets: 'papers',
  brings: 'brings in',
  right: 'what is right',
  explains: 'why',
  several: 'several may be chosen',
  at: 'at',
  names: 'names that are right, too',
  otherNames: 'names that say something else',
  types: 'types that are right, too',
  instead: 'names instead',
};

/** They say nothing to people. */
const UNTOLD = new Set(['id']);

const told = (json: unknown, named: Named): string => {
  if (typeof json === 'string') return named(json);
  if (typeof json === 'boolean') return json ? 'yes' : 'no';
  if (Array.isArray(json)) return json.map((each) => told(each, named)).join('; ');
  if (json === null) return 'not set';
  if (typeof json !== 'object') return String(json);
  return Object.entries(json)
    .filter(([name]) => !UNTOLD.has(name))
    .map(([, each]) => told(each, named))
    .join(': ');
};

const fieldsOf = (json: unknown, named: Named): ToldField[] =>
  typeof json === 'object' && json !== null && !Array.isArray(json)
    ? Object.entries(json).flatMap(([name, each]) =>
        UNTOLD.has(name)
          ? []
          : [
              {
                name: NAMES[name] ?? name,
                says: name === 'picture' ? 'a picture' : told(each, named),
              },
            ],
      )
    : [{ name: '', says: told(json, named) }];

/** The fields in which two values of one part differ, each as it is here and as it is there. */
export interface DifferentField {
  readonly name: string;
  readonly here: string;
  readonly there: string;
}

export function differentFields(here: unknown, there: unknown, named: Named): DifferentField[] {
  const mine = here === undefined ? [] : fieldsOf(here, named);
  const theirs = there === undefined ? [] : fieldsOf(there, named);
  const names = new Set([...mine, ...theirs].map(({ name }) => name));
  const saysOf = (all: readonly ToldField[], name: string) =>
    all.find((each) => each.name === name)?.says ?? '';
  return [...names]
    .map((name) => ({ name, here: saysOf(mine, name), there: saysOf(theirs, name) }))
    .filter(({ here: one, there: other }) => one !== other);
}
