import equal from 'fast-deep-equal';
import type { Book } from '../../model/book/book.js';
import { done, refusal, refused, type Result } from '../../model/refusal/refusal.js';
import { apply } from './apply.js';
import { booksBefore, type HistoryStep } from './moments.js';
import type { Applied, Rules } from '../operation/operation.js';
import type { Operation } from '../../model/shapes/operation.js';

/** One change of a book as it was done: what, what undoes it, and whether it is itself an undoing. */
export interface DoneStep extends HistoryStep {
  /** Its name, unlike every other's of the same book. */
  readonly token: string;
  /** The step that it takes back: undoing takes back a change, doing again takes back an undoing. Null: neither. */
  readonly undoes: string | null;
  /** Whether whoever asks did it: nobody undoes what others did. */
  readonly isMine: boolean;
}

/** The steps that *undo* and *do again* would take back now; null where there is none. */
export interface Standing {
  readonly undo: DoneStep | null;
  readonly redo: DoneStep | null;
}

export const changedSince = refusal<{ what: 'undo' | 'redo' }>('undo.changed-since', ({ what }) =>
  what === 'undo'
    ? 'Not undone: it was changed again since, by somebody else or in another tab. What stands now was left as it is; change it by hand if it should be otherwise.'
    : 'Not done again: it was changed since, by somebody else or in another tab. What stands now was left as it is.',
);

/**
 * What can be undone and done again, told from the steps themselves, so that it means the same after a refresh and in
 * another tab: a change of one's own can be undone until it was; what was undone can be done again until something
 * else is changed. `skipping`: steps that were found to be in nobody's reach any more.
 */
export function standing(
  steps: readonly DoneStep[],
  skipping: ReadonlySet<string> = new Set(),
): Standing {
  const undos: DoneStep[] = [];
  let redos: DoneStep[] = [];
  for (const step of steps.filter(({ isMine }) => isMine)) {
    if (!takeFrom(undos, step, redos) && !takeFrom(redos, step, undos)) {
      undos.push(step);
      redos = [];
    }
  }
  const last = (of: DoneStep[]) => of.findLast(({ token }) => !skipping.has(token)) ?? null;
  return { undo: last(undos), redo: last(redos) };
}

/** Whether a step takes one of these back: then it is there no more, and the step itself can be taken back. */
function takeFrom(from: DoneStep[], step: DoneStep, to: DoneStep[]): boolean {
  const at = step.undoes === null ? -1 : from.findLastIndex(({ token }) => token === step.undoes);
  if (at < 0) return false;
  from.splice(at, 1);
  to.push(step);
  return true;
}

/**
 * Whether two undoings are the same: they do the same to the same, wherever it stands in the order. What undoes an
 * undoing holds what it wrote over; so this tells whether anybody wrote there meanwhile.
 */
export const sameUndoing = (a: Operation, b: Operation): boolean =>
  equal(withoutOrder(a), withoutOrder(b));

const withoutOrder = (operation: Operation): unknown =>
  JSON.parse(JSON.stringify(operation), function (this: unknown, key, value: unknown) {
    return key === 'index' || key === 'restores' ? undefined : value;
  });

/**
 * Takes a step of a book's history back: `steps` are all that were done up to the book as it stands, the oldest
 * first. Refused, and nothing is written over, where others changed the same since.
 */
export function takeBack(
  now: Book,
  steps: readonly DoneStep[],
  { step, rules }: { readonly step: DoneStep; readonly rules: Rules },
): Result<Applied> {
  const taken = apply(now, step.inverse, rules);
  if (!taken.ok) return taken;
  const since = steps.slice(steps.indexOf(step) + 1);
  if (since.every(({ isMine }) => isMine)) return taken;
  const then = booksBefore(now, [...since].reverse());
  const stood = then.length === since.length ? then.at(-1) : undefined;
  const takenThen = stood && apply(stood, step.inverse);
  if (takenThen?.ok && sameUndoing(takenThen.value.inverse, taken.value.inverse))
    return done(taken.value);
  return refused(changedSince({ what: step.undoes === null ? 'undo' : 'redo' }));
}
