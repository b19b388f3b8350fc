/** A note in its parts; a part that has nothing to say is empty. */
export interface Told {
  /** What is there, in the student’s own book. */
  readonly there: string;
  /** What belongs there. */
  readonly belongs: string;
  /** The rule, or what was mixed up, for somebody who does not know. */
  readonly why: string;
  /** What to do now. */
  readonly now: string;
}

export type ToldPart = keyof Told;

/** The parts, in the order in which they are told: whoever is told one is told those before it. */
export const TOLD_PARTS: readonly ToldPart[] = ['there', 'belongs', 'why', 'now'];

const NOTHING: Told = { there: '', belongs: '', why: '', now: '' };

/** What a check says: a whole note, or what is there alone. */
export type Words = string | Partial<Told>;

export const toldOf = (words: Words): Told =>
  typeof words === 'string' ? { ...NOTHING, there: words } : { ...NOTHING, ...words };

/** A note as far as it is told; null: not at all. */
export function toldUpTo(told: Told, last: ToldPart | null): Told {
  const count = last === null ? 0 : TOLD_PARTS.indexOf(last) + 1;
  const shown = TOLD_PARTS.slice(0, count).map((part) => [part, told[part]]);
  return { ...NOTHING, ...(Object.fromEntries(shown) as Partial<Told>) };
}

/** Parts of a note as one text. */
export const inOneText = (told: Told, parts: readonly ToldPart[] = TOLD_PARTS): string =>
  parts
    .map((part) => told[part])
    .filter((text) => text !== '')
    .join(' ');
