import type { ExerciseAnswer } from '@gleddo/contract';
import {
  ownExercise,
  rulesOfTry,
  solvable,
  type AnswerKey,
  type Book,
  type Exercise,
} from '@gleddo/core';
import { useMemo } from 'react';
import { counted } from '../../platform/figures/counted';
import { useMadeKey } from './use-made-key';

/** Of an exercise that draws figures, so many seeds are looked at here. */
const SEEDS = 12;

interface Made {
  readonly made: AnswerKey;
  readonly start: Book;
}

/** What is untold for the exercise as it was made, else for the first seed for which something is. */
function lookedAt(exercise: ExerciseAnswer, { made: key, start }: Made) {
  const { title, brief, guide } = exercise;
  const whole: Exercise = { title, brief, guide, key, start, rules: rulesOfTry(exercise) };
  const seeds = key.figures ? Array.from({ length: SEEDS }, (_, i) => i + 1) : [];
  const isWhole = (of: ReturnType<typeof solvable>) =>
    of.untold.length === 0 && of.givesAway.length === 0;
  const asMade = solvable(whole);
  if (!isWhole(asMade)) return { seed: null, found: asMade };
  for (const seed of seeds) {
    const found = solvable(ownExercise(whole, { seed }));
    if (!isWhole(found)) return { seed, found };
  }
  return { seed: null, found: asMade };
}

/** Whether students can know all of the key from what they are given: looked at before it is handed out. */
export function Solvable({ exercise }: { readonly exercise: ExerciseAnswer }) {
  const { made = null, start = null } = useMadeKey(exercise) ?? {};
  const looked = useMemo(
    () => (made && start ? lookedAt(exercise, { made, start }) : null),
    [exercise, made, start],
  );
  if (!looked) return null;
  const { seed, found } = looked;
  const odd = [...found.untold.map(({ says }) => says), ...found.givesAway];
  const all = found.told.length + found.reckoned.length + found.untold.length;
  return (
    <section className="paper" aria-label="Can it be solved?">
      <h2>Can it be solved?</h2>
      {odd.length === 0 ? (
        <p>
          <span className="is-met">✓</span>{' '}
          {all === 0
            ? 'All amounts, accounts and days stand in the starting point.'
            : `All that is to be known (${all}) is told, or can be reckoned from what is told (${found.reckoned.length}).`}
        </p>
      ) : (
        <>
          <p>
            {counted(found.untold.length, 'thing')} of {all} can’t be known from the brief, the
            steps and the papers{seed === null ? '' : ` with the figures of seed ${seed}`}. It can
            be handed out all the same.
          </p>
          <ul>
            {odd.slice(0, MOST_SHOWN).map((says, i) => (
              <li key={i}>{says}</li>
            ))}
          </ul>
          {odd.length > MOST_SHOWN && <p className="quiet">And {odd.length - MOST_SHOWN} more.</p>}
        </>
      )}
    </section>
  );
}

const MOST_SHOWN = 12;
