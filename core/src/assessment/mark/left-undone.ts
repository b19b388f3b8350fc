import { checkById, type Judged, type Marking } from '../all-checks/index.js';

/** Whether a fault is nothing done yet, rather than something done wrong: each check says what that is. */
function isUndone(marking: Marking, { check, subject, outcome }: Judged): boolean {
  const undone = outcome === 'not-met' ? checkById(check)?.undone : undefined;
  if (!undone) return false;
  const works = marking.pairOf(subject.id)?.works ?? [];
  return works.every((account) => undone.isUndone?.(account, marking) ?? true);
}

/** The fault of something left undone that a result hangs on; lines and totals of the statements hang on nothing here. */
function rootIn(roots: ReadonlyMap<string, unknown>, each: Judged): string | undefined {
  if (each.outcome !== 'follows' || each.check.startsWith('statement.')) return undefined;
  return each.from.find((ref) => roots.has(ref));
}

/** An entry that is recorded, with something else in the place of an account that is missing, was not left out. */
const isRecorded = (marking: Marking, { subject }: Judged): boolean =>
  subject.kind === 'entry' && (marking.entryPairOf(subject.id)?.works.length ?? 0) > 0;

/** Whether a result that hangs on something left undone counts with it: where it is what the exercise is about. */
const isOfAim = (marking: Marking, each: Judged): boolean =>
  !isRecorded(marking, each) && (checkById(each.check)?.aims?.includes(marking.aim) ?? false);

/** How a result is counted: by what it is about, and at which date. */
export const countedRef = ({ ref, date }: Pick<Judged, 'ref' | 'date'>): string =>
  date ? `${ref} ${JSON.stringify(date)}` : ref;

/** What each result loses by itself: what is not met, and what hangs on something left undone. */
export function lossesOf(marking: Marking): ReadonlyMap<string, number> {
  const undone = new Map(
    marking.results.filter((each) => isUndone(marking, each)).map((each) => [each.ref, true]),
  );
  const lost = marking.results.filter(
    (each) =>
      each.of > 0 &&
      (each.outcome === 'not-met' ||
        (rootIn(undone, each) !== undefined && isOfAim(marking, each))),
  );
  return new Map(lost.map((each) => [countedRef(each), each.of]));
}

/**
 * What was left undone (an account not set up, not placed, not numbered; an entry not recorded; an opening balance
 * not entered) bears the points of all that hangs on it, and what hangs on it bears none: nothing is earned by
 * leaving out the first step. What was done, but wrong, bears its own points only. Lines and totals of the
 * statements hang on nothing here.
 */
export function bearingUndone(marking: Marking): readonly Judged[] {
  const { results } = marking;
  const carried = new Map<string, number>();
  for (const each of results) if (isUndone(marking, each)) carried.set(each.ref, 0);
  if (carried.size === 0) return results;
  const rootOf = (each: Judged) => rootIn(carried, each);
  for (const each of results) {
    const root = rootOf(each);
    if (root !== undefined && isOfAim(marking, each))
      carried.set(root, (carried.get(root) ?? 0) + each.of);
  }
  return results.map((each) => {
    if (each.outcome === 'met') return each;
    if (rootOf(each) !== undefined) return each.bearing(0);
    const more = carried.get(each.ref) ?? 0;
    return more > 0 && each.date === undefined ? each.bearing(each.of + more) : each;
  });
}
