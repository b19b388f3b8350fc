import { bookToJson, readBook, readKey, writeBook } from '../src/index.js';
import { shop } from './builder.js';

const document = () =>
  JSON.parse(writeBook(shop())) as Record<string, never> & {
    accounts: Record<string, unknown>[];
    entries: Record<string, unknown>[];
    company: Record<string, unknown>;
  };

/** The places and codes of all faults in a changed document. */
function faults(changed: (json: ReturnType<typeof document>) => void): string[] {
  const json = document();
  changed(json);
  const read = readBook(JSON.stringify(json));
  if (read.ok) throw new Error('it was read');
  return read.refusals.map((fault) => `${fault.at} ${fault.code}`);
}

test('unknown keys are refused with their path', () => {
  expect(faults((json) => Object.assign(json.accounts[2] ?? {}, { colour: 'red' }))).toEqual([
    'accounts[2].colour file.unknown-key',
  ]);
});

test('doubled numbers name the holder, whatever the case and outer spaces', () => {
  expect(faults((json) => Object.assign(json.accounts[3] ?? {}, { number: ' 1010 ' }))).toEqual([
    'accounts[3].number number.taken',
  ]);
});

test.each<[string, (json: ReturnType<typeof document>) => void, string]>([
  ['another format', (json) => Object.assign(json, { format: 'something' }), 'format file.format'],
  ['a missing name', (json) => delete json.company['name'], 'company.name file.missing'],
  [
    'a day that is none',
    (json) => Object.assign(json.company, { firstDay: '2027-02-30' }),
    'company.firstDay file.day',
  ],
  [
    'a currency',
    (json) => Object.assign(json.company, { currency: 'euro' }),
    'company.currency file.currency',
  ],
  [
    'an unknown type',
    (json) => Object.assign(json.accounts[0] ?? {}, { type: 'magic' }),
    'accounts[0].type account.type-unknown',
  ],
  [
    'an unknown parent',
    (json) => Object.assign(json.accounts[0] ?? {}, { parent: 'nobody' }),
    'accounts[0].parent account.unknown',
  ],
  [
    'an unknown scheme',
    (json) => Object.assign(json, { scheme: 'mine' }),
    'scheme file.shipped-unknown',
  ],
  [
    'amounts as numbers',
    (json) =>
      Object.assign(json.entries[0] ?? {}, {
        lines: [
          { account: 'bank', debit: 5 },
          { account: 'sales', credit: '5.00' },
        ],
      }),
    'entries[0].lines[0].debit file.wrong-kind',
  ],
  [
    'an entry out of balance',
    (json) =>
      Object.assign(json.entries[0] ?? {}, {
        lines: [
          { account: 'bank', debit: '5' },
          { account: 'sales', credit: '4.99' },
        ],
      }),
    'entries[0].lines entry.unbalanced',
  ],
])('%s', (_, changed, expected) => {
  expect(faults(changed)).toContain(expected);
});

test('hostile text is refused in a sentence', () => {
  for (const text of [
    '',
    '{',
    '[]',
    'null',
    '"x"',
    '['.repeat(100_000),
    `{"format":"gleddo-book","version":1,"company":${'{"a":'.repeat(50)}1${'}'.repeat(50)}}`,
  ]) {
    const read = readBook(text);
    expect(read.ok).toBe(false);
    if (!read.ok) for (const fault of read.refusals) expect(fault.says).toMatch(/\.$/);
  }
});

test('an account named like a part of the language is only an account', () => {
  const json = document();
  json.accounts.push(
    { id: '__proto__', name: 'Odd one', type: 'bank' },
    { id: 'constructor', name: 'Other odd one', type: 'bank' },
  );
  const read = readBook(JSON.stringify(json));
  expect(read.ok && read.value.accounts.length).toBe(14);
  if (read.ok) expect(JSON.stringify(bookToJson(read.value))).toContain('Other odd one');
});

test('a key needs only its book', () => {
  const key = readKey(JSON.stringify({ format: 'gleddo-key', version: 1, book: document() }));
  expect(key.ok && key.value.statementDates).toHaveLength(2);
  const odd = readKey(
    JSON.stringify({
      format: 'gleddo-key',
      version: 1,
      book: document(),
      accepts: [{ account: 'nobody' }],
      points: { 'account.type': -1 },
    }),
  );
  expect(!odd.ok && odd.refusals.map((fault) => fault.at)).toEqual([
    'accepts[0].account',
    'points.account.type',
  ]);
});
