import { ownExercise, solvable, type Exercise, type Solvable } from '@gleddo/core';
import { splitArguments } from './arguments.js';
import type { Command } from './command.js';
import { WrongUsage } from './faults.js';
import { exerciseIn, wholeOption } from './figures-command.js';

const OPTIONS = { seeds: { type: 'string' }, json: { type: 'boolean' } } as const;
const MOST_SEEDS = 10_000;

const isSolved = ({ untold, givesAway }: Solvable): boolean =>
  untold.length === 0 && givesAway.length === 0;

/** The first seed for which something is untold; as it was made where none is. */
function worst(exercise: Exercise, seeds: number): { seed: number | null; found: Solvable } {
  const made = solvable(exercise);
  if (!isSolved(made) || exercise.key.figures === undefined) return { seed: null, found: made };
  for (let seed = 1; seed <= seeds; seed++) {
    const found = solvable(ownExercise(exercise, { seed }));
    if (!isSolved(found)) return { seed, found };
  }
  return { seed: null, found: made };
}

/** `gleddo solvable`: whether a student can know all of a key from what they are given. */
export const solvableCommand: Command = async (args, out) => {
  const { values, positionals } = splitArguments(args, OPTIONS);
  const [file] = positionals;
  if (file === undefined) throw new WrongUsage('name an exercise');
  const seeds = values.seeds === undefined ? 0 : wholeOption(values.seeds, 'seeds', MOST_SEEDS);
  const { seed, found } = worst(await exerciseIn(file), seeds);
  const { told, reckoned, untold, givesAway } = found;
  if (values.json)
    out.write(`${JSON.stringify({ seed, told, reckoned, untold, givesAway }, null, 2)}\n`);
  else {
    const of = seed === null ? '' : `seed ${seed}: `;
    for (const says of [...untold.map((each) => each.says), ...givesAway])
      out.write(`${of}${says}\n`);
    out.write(`${told.length} told, ${reckoned.length} reckoned, ${untold.length} untold\n`);
  }
  return isSolved(found) ? 0 : 3;
};
