import { keyOfRules, ownExercise, solvable, USUAL_RULES, type Exercise } from '@gleddo/core';
import { led } from '../src/demo/demo-led.js';
import { drafts, placing } from '../src/demo/demo-workshop.js';
import type { MadeExercise } from '../src/exercises/exercises.service.js';

function exerciseOf({ title, brief, guide = {}, key, keyRules, start }: MadeExercise): Exercise {
  const read = keyOfRules(key, keyRules);
  if (!read.ok) throw new Error(read.refusals[0]?.says);
  return { title, brief, guide, key: read.value, start, rules: USUAL_RULES };
}

const untoldIn = (exercise: Exercise): readonly string[] => {
  const { untold, givesAway } = solvable(exercise);
  return [...untold.map(({ says }) => says), ...givesAway];
};

it('the exercise with steps can be solved, for each of a hundred seeds', () => {
  const exercise = exerciseOf(led());
  expect(untoldIn(exercise)).toEqual([]);
  for (let seed = 1; seed <= 100; seed++)
    expect(untoldIn(ownExercise(exercise, { seed }))).toEqual([]);
});

it.each([placing(), ...drafts()].map((made) => [made.title, made] as const))(
  '%s: what of it is untold',
  (_, made) => {
    expect(untoldIn(exerciseOf(made))).toEqual([]);
  },
);
