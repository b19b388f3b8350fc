import { spreadOf, type Spread } from './survey.js';

/** A marked work, as classes are compared by: its share of the points, and the outcome of each column. */
export interface ComparedWork {
  /** The classes that it is of. */
  readonly groups: readonly string[];
  /** From 0 to 1; null: it has no mark. */
  readonly share: number | null;
  readonly cells: Readonly<Record<string, string>>;
}

/** How one class did. */
interface ClassCompared {
  readonly id: string;
  readonly marked: number;
  /** Null where nothing is marked. */
  readonly spread: Spread | null;
}

/** What was hard, and for whom. */
interface HardPlace {
  /** Its column. */
  readonly id: string;
  /** The share that missed it, over all classes, each work once. */
  readonly missed: number;
  /** The same class by class, in their order; null where nobody was asked. */
  readonly byClass: readonly (number | null)[];
}

export interface ClassesCompared {
  readonly classes: readonly ClassCompared[];
  /** The hardest first; what nobody missed is left out. */
  readonly hard: readonly HardPlace[];
}

/** Of what was given to begin with, only faults are told: whoever left it as it was has not missed it. */
const isAsked = (outcome: string | undefined): boolean => outcome !== 'cannot-judge';

function missedIn(works: readonly ComparedWork[], column: string): number | null {
  const asked = works.filter(({ cells }) => isAsked(cells[column]));
  if (asked.length === 0) return null;
  return asked.filter(({ cells }) => cells[column] === 'not-met').length / asked.length;
}

/** Classes side by side, in the order in which they are named: how each did, and where it was hard for which. */
export function classesCompared(
  works: readonly ComparedWork[],
  groups: readonly string[],
  columns: readonly string[],
): ClassesCompared {
  const marked = works.filter(({ share }) => share !== null);
  const of = groups.map((id) => marked.filter((work) => work.groups.includes(id)));
  const hard = columns.flatMap((id): HardPlace[] => {
    const missed = missedIn(marked, id) ?? 0;
    return missed === 0 ? [] : [{ id, missed, byClass: of.map((own) => missedIn(own, id)) }];
  });
  return {
    classes: groups.map((id, i) => {
      const shares = (of[i] ?? []).flatMap(({ share }) => share ?? []);
      return { id, marked: shares.length, spread: spreadOf(shares) };
    }),
    hard: hard.sort((a, b) => b.missed - a.missed),
  };
}
