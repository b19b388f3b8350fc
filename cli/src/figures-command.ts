import { writeFile } from 'node:fs/promises';
import { ownExercise, setsAmong, trySeeds, writeExercise, type Exercise } from '@gleddo/core';
import { splitArguments } from './arguments.js';
import type { Command, Output } from './command.js';
import { InputFaults, WrongUsage } from './faults.js';
import { readInput } from './read-input.js';

const OPTIONS = {
  seed: { type: 'string' },
  try: { type: 'string' },
  sets: { type: 'string' },
  json: { type: 'boolean' },
} as const;

const MOST_SEEDS = 2 ** 31 - 1;
const MOST_TRIED = 100_000;
const MOST_SETS = 10_000;

/** A whole number that an option names. */
export function wholeOption(value: string | undefined, name: string, most = MOST_SEEDS): number {
  const number = Number(value);
  if (value === undefined || !Number.isInteger(number) || number < 0 || number > most)
    throw new WrongUsage(`--${name} wants a whole number from 0 to ${most}`);
  return number;
}

export async function exerciseIn(file: string): Promise<Exercise> {
  const read = await readInput(file);
  if (read.kind === 'key' && read.exercise) return read.exercise;
  throw new InputFaults([`${file}: file: It is no exercise. Save one from its page first.`]);
}

/** `gleddo figures`: an exercise with one student’s own figures; or whether its figures hold for so many seeds. */
export const figuresCommand: Command = async (args, out, err) => {
  const { values, positionals } = splitArguments(args, OPTIONS);
  const [file, to] = positionals;
  if (file === undefined) throw new WrongUsage('name an exercise');
  if (values.try !== undefined)
    return tried(await exerciseIn(file), wholeOption(values.try, 'try', MOST_TRIED), { out, err });
  if (values.sets !== undefined) {
    const count = wholeOption(values.sets, 'sets', MOST_SETS);
    return sets(await exerciseIn(file), count, { out, isJson: values.json === true });
  }
  const seed = wholeOption(values.seed, 'seed');
  const text = writeExercise(ownExercise(await exerciseIn(file), { seed }));
  if (to === undefined) out.write(text);
  else await writeFile(to, text);
  return 0;
};

/** Of so many students, each by a seed of its own: how many different sets of amounts there are. */
function sets(
  { key }: Exercise,
  count: number,
  { out, isJson }: { readonly out: Output; readonly isJson: boolean },
): number {
  const seeds = Array.from({ length: count }, (_, i) => i + 1);
  const { of, different, inProportion } = setsAmong(key, seeds);
  if (isJson) out.write(`${JSON.stringify({ of, different, inProportion })}\n`);
  else
    out.write(
      `${different} different sets for ${of}; ${inProportion} pairs of them in one proportion\n`,
    );
  return 0;
}

function tried(
  { key, start }: Exercise,
  count: number,
  { out, err }: { readonly out: Output; readonly err: Output },
): number {
  const { broken, brokenCount } = trySeeds(key, start, { count });
  for (const { seed, faults } of broken)
    for (const { at, says } of faults) err.write(`seed ${seed}: ${at || 'book'}: ${says}\n`);
  out.write(`${count - brokenCount} of ${count} seeds hold\n`);
  return brokenCount > 0 ? 1 : 0;
}
