/** What becomes of work after the closing time: it is handed in as it stands; or it may come late, and that is told. */
export const LATE_RULES = ['refused', 'told'] as const;
export type LateRule = (typeof LATE_RULES)[number];

/** Which of several tries counts: the best, the last that was given back, or what they are worth on average. */
export const COUNTS_RULES = ['best', 'last', 'mean'] as const;
export type CountsRule = (typeof COUNTS_RULES)[number];

/** From when to when an exercise is open: milliseconds of the epoch; null: from the beginning, without an end. */
export interface Times {
  readonly opensAt: number | null;
  readonly closesAt: number | null;
  readonly late: LateRule;
  /** Per cent of what there is to earn that each day begun after the closing time takes off; whole, 0 to 100. */
  readonly lateOff: number;
  /** Minutes that a try lasts from when it is begun; null: as long as it is open. */
  readonly minutes: number | null;
  /** Until when it is open for this student alone; null: as long as for their class. */
  readonly moreUntil: number | null;
  /** How often one may try, at least once, and which of the tries counts. */
  readonly tries: number;
  readonly counts: CountsRule;
  /** When the time of a try that is begun is over; null: it is not begun, or lasts as long as it is open. */
  readonly shutsAt: number | null;
}

/** Times that nobody has said anything of: always open. */
export const ALWAYS: Times = {
  ...{ opensAt: null, closesAt: null, late: 'told', lateOff: 0 },
  ...{ minutes: null, moreUntil: null, shutsAt: null, tries: 1, counts: 'best' },
};

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
    ...kindest(all.filter(({ late }) => late === 'told')),
    minutes: orNull(
      all.map(({ minutes }) => minutes),
      Math.max,
    ),
    ...{ moreUntil, shutsAt: null },
    ...oftenest(all),
  };
}

/** As often as the class has it that may most often, and counted as there. */
function oftenest(all: readonly Times[]): Pick<Times, 'tries' | 'counts'> {
  const { tries, counts } = all.reduce((most, each) => (each.tries > most.tries ? each : most));
  return { tries, counts };
}

const MINUTE = 60_000;

/**
 * The times of a try that was begun then: it ends with its own minutes where those end first, and is handed in as it
 * stands. Who has more time alone has it whatever those say. Null: not begun, and its minutes do not run.
 */
export function timesOfTry(times: Times, startedAt: number | null): Times {
  const { minutes, moreUntil, closesAt } = times;
  if (minutes === null || startedAt === null) return times;
  const shutsAt = Math.max(startedAt + minutes * MINUTE, moreUntil ?? 0);
  if (closesAt !== null && closesAt < shutsAt) return { ...times, shutsAt };
  return { ...times, shutsAt, closesAt: shutsAt, late: 'refused', lateOff: 0 };
}

const kindest = (mayBeLate: readonly Times[]): Pick<Times, 'late' | 'lateOff'> =>
  mayBeLate.length === 0
    ? { late: 'refused', lateOff: 0 }
    : { late: 'told', lateOff: Math.min(...mayBeLate.map(({ lateOff }) => lateOff)) };

/** Where a moment lies: before the opening, while it is open (the grace among it), or after the closing time. */
export function standsAt({ opensAt, closesAt }: Times, now: number): 'before' | 'open' | 'over' {
  if (opensAt !== null && now < opensAt) return 'before';
  return closesAt !== null && now >= closesAt + GRACE ? 'over' : 'open';
}

/** Whether work that is still open is handed in as it stands. */
export const isClosed = (times: Times, now: number): boolean =>
  (times.late === 'refused' && standsAt(times, now) === 'over') ||
  (times.shutsAt !== null && now >= times.shutsAt + GRACE);

/** By how many milliseconds work came late; 0: in time, the grace among it. */
export const lateBy = ({ closesAt }: Times, handedInAt: number): number =>
  closesAt === null || handedInAt < closesAt + GRACE ? 0 : handedInAt - closesAt;

const DAY = 24 * 3_600_000;

/** For how many days, each as soon as it has begun, work came late. */
export const daysLate = (times: Times, handedInAt: number): number =>
  Math.ceil(lateBy(times, handedInAt) / DAY);

/** The points that coming so late takes off, of so many that there are to earn: never more than all of them. */
export function lateOffOf(times: Times, handedInAt: number, of: number): number {
  const off = Math.round((of * times.lateOff * daysLate(times, handedInAt)) / 100);
  return Math.min(of, off);
}
