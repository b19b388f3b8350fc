import {
  sectionById,
  statementOfClass,
  type AccountType,
  type ClassId,
  type Scheme,
  type Section,
} from './scheme.js';
import { isShipped } from './words.js';

/** Edits of a scheme: each answers a new one and leaves the old as it is; a shipped one becomes a copy. */

const OWN_SCHEME = 'own';

/** The scheme as somebody's own: a shipped one is copied under another name. */
export const ownCopy = (scheme: Scheme): Scheme =>
  isShipped(scheme) ? { ...scheme, id: OWN_SCHEME, name: `${scheme.name}, adapted` } : scheme;

export const renamedScheme = (scheme: Scheme, name: string): Scheme => ({
  ...ownCopy(scheme),
  name,
});

export const changedSection = (scheme: Scheme, id: string, rest: Partial<Section>): Scheme => ({
  ...ownCopy(scheme),
  sections: scheme.sections.map((each) => (each.id === id ? { ...each, ...rest } : each)),
});

export const changedType = (scheme: Scheme, id: string, rest: Partial<AccountType>): Scheme => ({
  ...ownCopy(scheme),
  types: scheme.types.map((each) => (each.id === id ? { ...each, ...rest } : each)),
});

const freeIn = (parts: readonly { readonly id: string }[], stem: string): string => {
  const taken = new Set(parts.map(({ id }) => id));
  for (let n = 1; ; n++) if (!taken.has(`${stem}-${n}`)) return `${stem}-${n}`;
};

/** A new section after the last of its class; answers its id, too. */
export function withSection(scheme: Scheme, of: ClassId, name: string): [Scheme, string] {
  const id = freeIn(scheme.sections, 'section');
  const last = scheme.sections.findLastIndex((each) => each.class === of);
  const sameStatement = scheme.sections.findLastIndex(
    (each) => statementOfClass(each.class) === statementOfClass(of),
  );
  const sections = [...scheme.sections];
  sections.splice((last < 0 ? sameStatement : last) + 1, 0, { id, name, class: of });
  return [{ ...ownCopy(scheme), sections }, id];
}

/** A new plain type at the end of a section; its cash-flow activity is that of its neighbours. */
export function withType(scheme: Scheme, section: string, name: string): [Scheme, string] {
  const id = freeIn(scheme.types, 'type');
  const of = sectionById(scheme, section)?.class ?? 'asset';
  const neighbour = scheme.types.findLast((each) => each.section === section);
  const isOfProfit = statementOfClass(of) === 'profit-and-loss';
  const type: AccountType = {
    id,
    name,
    section,
    contra: false,
    cashFlow: isOfProfit ? 'operating' : (neighbour?.cashFlow ?? 'operating'),
    role: 'none',
    closesInto: isOfProfit ? 'retained-earnings' : 'nothing',
    says: '',
    examples: [],
  };
  return [{ ...ownCopy(scheme), types: [...scheme.types, type] }, id];
}

export const withoutType = (scheme: Scheme, id: string): Scheme => ({
  ...ownCopy(scheme),
  types: scheme.types.filter((each) => each.id !== id),
});

/** Without a section and all of its types. */
export const withoutSection = (scheme: Scheme, id: string): Scheme => ({
  ...ownCopy(scheme),
  sections: scheme.sections.filter((each) => each.id !== id),
  types: scheme.types.filter((each) => each.section !== id),
});

/** Moves a section one place among those of its statement; the same scheme where there is no further place. */
export function movedSection(scheme: Scheme, id: string, step: 1 | -1): Scheme {
  const own = sectionById(scheme, id);
  const isNear = (each: Section) =>
    own !== null && statementOfClass(each.class) === statementOfClass(own.class);
  const sections = exchanged(scheme.sections, (each) => each.id === id, { isNear, step });
  return sections ? { ...ownCopy(scheme), sections } : scheme;
}

/** Moves a type one place within its section. */
export function movedType(scheme: Scheme, id: string, step: 1 | -1): Scheme {
  const own = scheme.types.find((each) => each.id === id);
  const isNear = (each: AccountType) => each.section === own?.section;
  const types = exchanged(scheme.types, (each) => each.id === id, { isNear, step });
  return types ? { ...ownCopy(scheme), types } : scheme;
}

function exchanged<T>(
  all: readonly T[],
  isIt: (each: T) => boolean,
  { isNear, step }: { readonly isNear: (each: T) => boolean; readonly step: 1 | -1 },
): T[] | null {
  const near = all.flatMap((each, i) => (isNear(each) ? [i] : []));
  const at = all.findIndex(isIt);
  const to = near[near.indexOf(at) + step];
  if (at < 0 || to === undefined) return null;
  const next = [...all];
  [next[at], next[to]] = [all[to] as T, all[at] as T];
  return next;
}
