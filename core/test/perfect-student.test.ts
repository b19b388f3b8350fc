import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { checkWork, ownExercise } from '../src/index.js';
import { fromShelf, SHELF } from '../src/shelf/index.js';
import { DOINGS } from './perfect/doings.js';
import { perfectStudent } from './perfect/student.js';

/** `npm run shelf` tries a thousand. */
const SEEDS = Number(process.env['GLEDDO_SEEDS'] ?? 6);

it('has done every exercise of the shelf, and no other', () => {
  expect(Object.keys(DOINGS).sort()).toEqual(SHELF.map(({ id }) => id).sort());
});

it('is made without a look at what is right', () => {
  const folder = join(import.meta.dirname, 'perfect');
  for (const file of readdirSync(folder)) {
    const source = readFileSync(join(folder, file), 'utf8').replace(/\/\*[^]*?\*\//g, '');
    expect([file, /\bkey[.[]|\/shelf\/|solvable|propose/i.exec(source)]).toEqual([file, null]);
  }
});

describe('whoever knows what is told, and nothing of the key, earns all points', () => {
  it.each(SHELF.map(({ id }) => id))('%s', (id) => {
    const ready = fromShelf(id);
    if (!ready) throw new Error(id);
    for (let seed = 0; seed <= SEEDS; seed++) {
      const exercise = seed === 0 ? ready : ownExercise(ready, { seed });
      const { work, answers } = perfectStudent(id, exercise);
      const found = checkWork(exercise.key, work, { start: exercise.start, answers });
      const lost = found.results.filter(({ points, of }) => points !== of);
      expect([
        seed,
        ...lost.map(
          (each) => `${each.check} ${JSON.stringify(each.facts)} ${each.points}/${each.of}`,
        ),
      ]).toEqual([seed]);
      expect([found.points, found.of]).toEqual([100, 100]);
    }
  });
});
