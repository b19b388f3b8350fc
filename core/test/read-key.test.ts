import fc from 'fast-check';
import { bookToJson, keyFromJson, keyOf, readKey, writeKey, type AnswerKey } from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';
import { keyToJson } from '../src/assessment/key/read-key.js';
import { acct, entry, shop } from './builder.js';

const document = (rest: object = {}): object => ({
  format: 'gleddo-key',
  version: 1,
  book: bookToJson(shop()),
  ...rest,
});

function refusals(value: unknown): string {
  const read = keyFromJson(value);
  if (read.ok) throw new Error('it was taken');
  return read.refusals.map(({ at, says }) => `${at}: ${says}`).join('\n');
}

const withUnwanted = {
  ...shop(),
  accounts: [...shop().accounts, acct('unwanted', 'sundry-operating', { number: '7900' })],
};

describe('a key as JSON', () => {
  it('does not forbid what it uses itself', () => {
    const read = keyFromJson(document({ accepts: [{ account: 'bank', forbidden: true }] }));
    expect(read).toMatchObject({
      ok: false,
      refusals: [{ code: 'key.forbidden-used', at: 'accepts[0].forbidden' }],
    });
  });

  it('is the same file, byte for byte, once in canonical form', () => {
    const key: AnswerKey = {
      ...keyOf(withUnwanted),
      accepts: [
        {
          account: 'bank',
          names: ['Current account'],
          types: ['cash-in-hand'],
          number: 'exact',
          required: true,
          several: false,
        },
        {
          account: 'wear',
          names: [],
          types: [],
          number: { nextTo: 'insurance' },
          required: false,
          several: true,
          reason: 'Both are usual.',
        },
        {
          account: 'unwanted',
          ...{
            names: [],
            types: [],
            number: 'any',
            required: false,
            forbidden: true,
            several: true,
          },
        },
      ],
      acceptsEntries: [{ entry: 'sale', from: '2027-02-01', to: '2027-02-28', required: false }],
      points: { 'account.type': 3, 'account.type:bank': 0 },
      total: 20,
    };
    const text = writeKey(key);
    const read = readKey(text);
    if (!read.ok) throw new Error(read.refusals[0]?.says);
    expect(writeKey(read.value)).toBe(text);
    expect(keyToJson(read.value)).toEqual(keyToJson(key));
  });

  it('needs only its book; everything else has its usual value', () => {
    const read = keyFromJson(
      document({ accepts: [{ account: 'bank' }], acceptsEntries: [{ entry: 'paid' }] }),
    );
    if (!read.ok) throw new Error(read.refusals[0]?.says);
    expect(read.value.accepts).toEqual([
      { account: 'bank', names: [], types: [], number: 'in-band', required: true, several: true },
    ]);
    expect(read.value.acceptsEntries).toEqual([
      { entry: 'paid', from: '2027-02-20', to: '2027-02-20', required: true },
    ]);
    expect(read.value.statementDates.map(({ statement }) => statement)).toEqual([
      'balance-sheet',
      'profit-and-loss',
    ]);
  });

  it.each<[string, object, RegExp]>([
    ['another format', { format: 'gleddo-book' }, /format/],
    ['a version to come', { version: 2 }, /version/],
    ['an unknown part', { hints: [] }, /hints/],
    [
      'an account that the book lacks',
      { accepts: [{ account: 'gone' }] },
      /^accepts\[0\]\.account: /,
    ],
    [
      'an entry that the book lacks',
      { acceptsEntries: [{ entry: 'gone' }] },
      /^acceptsEntries\[0\]\.entry: /,
    ],
    [
      'a rule that there is not',
      { accepts: [{ account: 'bank', number: 'close' }] },
      /^accepts\[0\]\.number: .*exact/,
    ],
    [
      'a neighbour without a name',
      { accepts: [{ account: 'bank', number: {} }] },
      /^accepts\[0\]\.number\.nextTo: /,
    ],
    [
      'a statement that there is not',
      { statementDates: [{ statement: 'cash', at: '2027-03-31' }] },
      /^statementDates\[0\]\.statement: /,
    ],
    [
      'a day that is none',
      { statementDates: [{ statement: 'balance-sheet', at: '2027-02-30' }] },
      /^statementDates\[0\]\.at: /,
    ],
    ['points that are a list', { points: [1] }, /^points: /],
    ['points with decimals', { points: { 'account.type': 0.5 } }, /^points\.account\.type: /],
    ['points below zero', { points: { 'account.type': -1 } }, /^points\.account\.type: /],
  ])('%s is refused at its place', (_, rest, says) => {
    expect(refusals(document(rest))).toMatch(says);
  });

  it('whatever is put into it, it is read or refused in sentences: it never throws', () => {
    const part = fc.oneof(
      fc.jsonValue(),
      fc.constantFrom(null, 5, 'x', [], {}, [[]], [{ account: 'bank' }]),
    );
    fc.assert(
      fc.property(
        fc.dictionary(
          fc.constantFrom(
            'accepts',
            'acceptsEntries',
            'statementDates',
            'points',
            'book',
            '__proto__',
          ),
          part,
        ),
        (rest) => {
          const read = keyFromJson(document(rest));
          if (!read.ok) for (const { says } of read.refusals) expect(says).toMatch(/^\S.{5,}\.$/s);
        },
      ),
    );
  });

  it.each(['', '{', '[]', 'null', '"key"', '{"format":"gleddo-key"}', '\uFEFF{}'])(
    '%j is refused in a sentence',
    (text) => {
      const read = readKey(text);
      if (read.ok) throw new Error('it was taken');
      expect(read.refusals[0]?.says).toMatch(/\.$/);
    },
  );
});

test('a key of a finished book marks that book with everything it has', () => {
  const book = {
    ...ternIsland(),
    entries: [
      ...ternIsland().entries,
      entry('more', '2027-03-31', { lines: { bank: 1, till: -1 } }),
    ],
  };
  const read = readKey(writeKey(keyOf(book)));
  expect(read.ok && read.value.book).toEqual(book);
});
