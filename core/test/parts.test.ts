import fc from 'fast-check';
import {
  EXERCISE_PARTS,
  exerciseOfParts,
  partChanges,
  partsBefore,
  partSays,
  reverseOf,
  USUAL_RULES,
  withPartChanges,
  type ExerciseParts,
} from '../src/index.js';

const word = fc.constantFrom('a', 'b', 'c', 'd', 'e');
const distinct = <T extends object>(of: fc.Arbitrary<T>, by: keyof T) =>
  fc.uniqueArray(of, { maxLength: 5, selector: (each) => each[by] });

const PLAIN = { noNullPrototype: true } as const;
const step = fc.record({ id: word, title: fc.constantFrom('One', 'Two', 'Three') }, PLAIN);
const accepted = fc.record({ account: word, names: fc.array(word, { maxLength: 2 }) }, PLAIN);

/** Any exercise of a few parts of every kind. */
const exercise: fc.Arbitrary<ExerciseParts> = fc
  .record({
    title: fc.constantFrom('Quarter-end', 'Another'),
    brief: fc.constantFrom('', 'Do it.'),
    rules: fc.record({ mayFile: fc.boolean(), askLimit: fc.constantFrom(null, 3, 5) }, PLAIN),
    points: fc.dictionary(
      fc.constantFrom('account.type', 'account.type:a', 'entry.date:b'),
      fc.nat(9),
      PLAIN,
    ),
    accepts: distinct(accepted, 'account'),
    steps: distinct(step, 'id'),
  })
  .map(({ title, brief, rules, points, accepts, steps }) => ({
    ...{ title, brief, rules: { ...USUAL_RULES, ...rules } },
    keyRules: { points, accepts },
    guide: { steps },
  }));

const inOneForm = (given: unknown): ExerciseParts => {
  const made = exerciseOfParts(given);
  if (!made.ok) throw new Error(made.refusals[0]?.says);
  return made.value;
};

/** With what is a set in one order: what it says is the same in any. */
function described(given: unknown): unknown {
  const { keyRules, ...rest } = inOneForm(given);
  const accepts = [...(keyRules.accepts ?? [])].sort((a, b) => a.account.localeCompare(b.account));
  return { ...rest, keyRules: { ...keyRules, accepts } };
}

const changed = (document: unknown, from: ExerciseParts, to: ExerciseParts) =>
  withPartChanges(EXERCISE_PARTS, document, partChanges(EXERCISE_PARTS, from, to));

describe('an exercise, changed part by part', () => {
  it('is told as it was before any of its steps, from what each of them really changed', () => {
    fc.assert(
      fc.property(fc.array(exercise, { minLength: 2, maxLength: 6 }), (all) => {
        const done = all.slice(1).map((to, i) => changed(all[i], all[i] as ExerciseParts, to).done);
        for (const [i, then] of all.entries())
          expect(described(partsBefore(EXERCISE_PARTS, all.at(-1), done.slice(i).flat()))).toEqual(
            described(then),
          );
      }),
    );
  });

  it('becomes what it was changed into, and goes back by the reverse', () => {
    fc.assert(
      fc.property(exercise, exercise, (from, to) => {
        const forth = changed(from, from, to);
        expect(forth.overtaken).toEqual([]);
        expect(described(forth.document)).toEqual(described(to));
        const back = withPartChanges(EXERCISE_PARTS, forth.document, reverseOf(forth.done));
        expect(back.overtaken).toEqual([]);
        expect(described(back.document)).toEqual(described(from));
      }),
    );
  });

  it('by two at once keeps what each did, or says what both did: nothing is written over', () => {
    fc.assert(
      fc.property(exercise, exercise, exercise, (from, mine, theirs) => {
        const own = partChanges(EXERCISE_PARTS, from, mine);
        const { document, overtaken } = withPartChanges(EXERCISE_PARTS, theirs, own);
        const taken = new Set(overtaken.map(({ change }) => change.at));
        const still = new Map(
          partChanges(EXERCISE_PARTS, document, mine).map((each) => [each.at, each]),
        );
        for (const { at } of own.filter(({ at }) => !taken.has(at) && !at.endsWith('/')))
          expect(still.has(at)).toBe(false);
        const lost = partChanges(EXERCISE_PARTS, theirs, document).map(({ at }) => at);
        const meant = new Set(own.map(({ at }) => at));
        expect(lost.filter((at) => !meant.has(at))).toEqual([]);
        expect(lost.filter((at) => taken.has(at) && !at.endsWith('/'))).toEqual([]);
      }),
    );
  });

  it('two who put a step in have both, each where it was put', () => {
    const with_ = (...ids: string[]) =>
      inOneForm({
        ...{ title: 'Led', rules: USUAL_RULES },
        guide: { steps: ids.map((id) => ({ id, title: id })) },
      });
    const { document, overtaken } = changed(
      with_('a', 'x', 'b', 'c'),
      with_('a', 'b', 'c'),
      with_('a', 'b', 'c', 'y'),
    );
    expect(overtaken).toEqual([]);
    expect(inOneForm(document).guide.steps?.map(({ id }) => id)).toEqual(['a', 'x', 'b', 'c', 'y']);
    const both = changed(with_('c', 'a', 'b'), with_('a', 'b', 'c'), with_('b', 'a', 'c'));
    expect(both.overtaken.map(({ change }) => change.at)).toEqual(['/guide/steps/']);
    const moved = changed(with_('a', 'b'), with_('a', 'b', 'c'), with_('c', 'b', 'a'));
    expect(inOneForm(moved.document).guide.steps?.map(({ id }) => id)).toEqual(['b', 'a']);
  });

  it('what stands twice under one name is not lost', () => {
    const twice = {
      title: 'Led',
      rules: {},
      guide: { steps: [1, 2].map((n) => ({ id: 'a', title: `T${n}` })) },
    };
    expect(inOneForm(twice).guide.steps).toHaveLength(2);
  });

  it('changes of one part come one after the other, and go back the other way round', () => {
    const start = { title: 'a', rules: {} };
    const steps = [
      { at: '/title', was: 'a', now: 'b' },
      { at: '/title', was: 'b', now: 'c' },
    ];
    const { document, done, overtaken } = withPartChanges(EXERCISE_PARTS, start, steps);
    expect([inOneForm(document).title, done, overtaken]).toEqual(['c', steps, []]);
    const back = withPartChanges(EXERCISE_PARTS, document, reverseOf(done));
    expect([inOneForm(back.document).title, back.overtaken]).toEqual(['a', []]);
  });

  it('an order longer than any list is nobody’s, and weighing one of twenty thousand parts takes no longer than they are', () => {
    const long = Array.from({ length: 60_000 }, (_, i) => `s${i}`);
    const order = { at: '/guide/steps/', was: long, now: [...long].reverse() };
    const { overtaken } = withPartChanges(EXERCISE_PARTS, { title: 'a' }, [order]);
    expect(overtaken).toHaveLength(1);
    const acceptsEntries = Array.from({ length: 20_000 }, (_, i) => ({ entry: `e${i}` }));
    const whole = { title: 'a', rules: {}, keyRules: { acceptsEntries } };
    expect(partChanges(EXERCISE_PARTS, whole, { ...whole, title: 'b' })).toHaveLength(1);
  });

  it('says of each part what it is', () => {
    const named = (id: string) => ({ bank: 'Bank', e1: 'Rent paid' })[id] ?? id;
    const says = (at: string, json: unknown = {}) => partSays(EXERCISE_PARTS, { at, json, named });
    expect([
      says('/title'),
      says('/keyRules/points/account.type:bank'),
      says('/keyRules/points/account.type'),
      says('/keyRules/accepts/bank'),
      says('/keyRules/acceptsEntries/e1'),
      says('/keyRules/figures/quantities/size'),
      says('/guide/steps/s1', { title: 'The opening' }),
      says('/guide/steps/'),
      says('/rules/mayFile'),
    ]).toMatchInlineSnapshot(`
     [
       "the title",
       "the points for “Account type” of “Bank”",
       "the points for “Account type”",
       "what else is right for “Bank”",
       "what else is right for “Rent paid”",
       "the quantity “size”",
       "the step “The opening”",
       "the order of the steps",
       "whether a file may be handed in",
     ]
    `);
  });

  it('compares whatever stands there, fields of any name, too', () => {
    const odd = JSON.parse('{"valueOf":1,"constructor":{"a":1},"__proto__":{"b":2}}') as object;
    const document = { title: odd };
    expect(partChanges(EXERCISE_PARTS, document, { title: { ...odd } })).toEqual([]);
    expect(partChanges(EXERCISE_PARTS, document, { title: { valueOf: 2 } })).toHaveLength(1);
  });

  it('is refused as a whole where a part is not what it should be', () => {
    const refusal = (given: object) => {
      const made = exerciseOfParts({ title: 'Led', rules: USUAL_RULES, ...given });
      return made.ok ? 'kept' : made.refusals.map(({ at, code }) => `${at} ${code}`).join(', ');
    };
    expect(refusal({})).toBe('kept');
    expect(refusal({ title: ' ' })).toBe('title exercise.untitled');
    expect(refusal({ rules: { askLimit: 0 } })).toBe('rules.askLimit file.wrong-kind');
    expect(refusal({ keyRules: { points: { 'account.type': -1 } } })).toContain('keyRules.points');
    expect(refusal({ guide: { steps: [{ id: 'a' }] } })).toContain('guide.steps[0]');
  });
});
