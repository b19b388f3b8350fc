/** What becomes of work after the closing time: it is handed in as it stands; or it may come late, and that is told. */
export const LATE_RULES = ['refused', 'told'] as const;
export type LateRule = (typeof LATE_RULES)[number];

/** From when to when an exercise is open: milliseconds of the epoch; null: from the beginning, without an end. */
export interface Times {
  readonly opensAt: number | null;
  readonly closesAt: number | null;
  readonly late: LateRule;
}

const ALWAYS: Times = { opensAt: null, closesAt: null, late: 'told' };

/** What is on its way in the closing minute is in time: clocks differ, and lines are slow. In milliseconds. */
export const GRACE = 60_000;

const orNull = (of: readonly (number | null)[], pick: (...all: number[]) => number) =>
  of.includes(null) ? null : pick(...of.filter((each) => each !== null));

/**
 * The times of one student: of several classes whichever is kindest, and the more time that is given to them alone. No
 * class at all (it was taken back since): whoever has begun may finish.
 */
export function timesOf(all: readonly Times[], moreUntil: number | null = null): Times {
  if (all.length === 0) return ALWAYS;
  const closesAt = orNull(
    all.map((each) => each.closesAt),
    Math.max,
  );
  return {
    opensAt: orNull(
      all.map((each) => each.opensAt),
      Math.min,
    ),
    closesAt: closesAt === null || moreUntil === null ? closesAt : Math.max(closesAt, moreUntil),
    late: all.some(({ late }) => late === 'told') ? 'told' : 'refused',
  };
}

/** Where a moment lies: before the opening, while it is open (the grace among it), or after the closing time. */
export function standsAt({ opensAt, closesAt }: Times, now: number): 'before' | 'open' | 'over' {
  if (opensAt !== null && now < opensAt) return 'before';
  return closesAt !== null && now >= closesAt + GRACE ? 'over' : 'open';
}

/** Whether work that is still open is handed in as it stands. */
export const isClosed = (times: Times, now: number): boolean =>
  times.late === 'refused' && standsAt(times, now) === 'over';

/** By how many milliseconds work came late; 0: in time, the grace among it. */
export const lateBy = ({ closesAt }: Times, handedInAt: number): number =>
  closesAt === null || handedInAt < closesAt + GRACE ? 0 : handedInAt - closesAt;
