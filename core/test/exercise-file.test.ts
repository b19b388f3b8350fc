import fc from 'fast-check';
import {
  keyOf,
  readExercise,
  readIncoming,
  startingPoint,
  USUAL_RULES,
  writeExercise,
  type Exercise,
} from '../src/index.js';
import { pollardRow } from '../src/demo/index.js';
import { shop } from './builder.js';

const exercise = (rest: Partial<Exercise> = {}): Exercise => ({
  title: 'Set up the shop',
  brief: '# Set up\n\nSee *what* you can.',
  start: startingPoint(shop(), 'company-only', { faults: {}, seed: 1 }),
  key: keyOf(shop(), { total: 20, points: { 'account.name': 0 } }),
  rules: { ...USUAL_RULES, askLimit: null, enters: 'entries' },
  guide: {},
  ...rest,
});

const faultsOf = (text: string): string[] => {
  const read = readExercise(text);
  return read.ok ? [] : read.refusals.map(({ at, code }) => `${at} ${code}`);
};

const changed = (change: (json: Record<string, unknown>) => void): string => {
  const json = JSON.parse(writeExercise(exercise())) as Record<string, unknown>;
  change(json);
  return JSON.stringify(json);
};

describe('an exercise as a file', () => {
  it('is the same byte for byte when it is read and written again', () => {
    for (const each of [exercise(), exercise({ brief: '', key: keyOf(pollardRow()) })]) {
      const text = writeExercise(each);
      const read = readExercise(text);
      if (!read.ok) throw new Error(read.refusals[0]?.says);
      expect(writeExercise(read.value)).toBe(text);
      expect(read.value.rules).toEqual(each.rules);
    }
  });

  it('has the usual rules where it says none', () => {
    const read = readExercise(changed((json) => delete json['rules']));
    expect(read).toMatchObject({ ok: true, value: { rules: USUAL_RULES } });
  });

  it('says where it does not fit', () => {
    for (const title of [' ', 'Two\nlines'])
      expect(faultsOf(changed((json) => (json['title'] = title)))).toEqual([
        'title exercise.untitled',
      ]);
    const dollars = changed((json) => {
      (json['start'] as { company: { currency: string } }).company.currency = 'USD';
    });
    expect(faultsOf(dollars)).toEqual(['start exercise.currency']);
    expect(faultsOf(changed((json) => (json['steps'] = [])))).toEqual(['steps file.unknown-key']);
    expect(faultsOf(changed((json) => delete json['start']))[0]).toMatch(/^start/);
    const odd = changed((json) => {
      (json['key'] as { points: object }).points = { 'account.name': -1 };
    });
    expect(faultsOf(odd)).toEqual([expect.stringMatching(/^key\.points\.?\S*account\.name\S* /)]);
    expect(faultsOf('null')).not.toEqual([]);
    expect(faultsOf('{"format":"gleddo-book"}')).toEqual(['format file.format']);
  });

  it('never throws, whatever the document', () => {
    fc.assert(
      fc.property(fc.json(), (text) => {
        expect(typeof readExercise(text).ok).toBe('boolean');
      }),
    );
  });

  it('is told from a key and a book by what stands in it', async () => {
    const bytes = new TextEncoder().encode(writeExercise(exercise()));
    const read = await readIncoming(bytes, () => Promise.reject(new Error('no table')));
    expect(read).toMatchObject({ ok: true, value: { kind: 'key', key: { total: 20 } } });
  });
});
