import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { bookFromJson, bookToJson, isVisible } from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';
import { jsonSchemas } from '../src/model/exercise-shapes/json-schema.js';
import { bookFile } from '../src/model/shapes/book-file.js';
import { fitting } from '../src/model/shape/shape.js';
import { anyBook } from './arbitrary-book.js';

type Json = Record<string, unknown>;

/** Everything in a document that could be another value: the object or list it stands in, and its key. */
function placesIn(json: unknown): [Json, string][] {
  if (typeof json !== 'object' || json === null) return [];
  return Object.entries(json).flatMap(([key, value]): [Json, string][] => [
    [json as Json, key],
    ...placesIn(value),
  ]);
}

const odd = fc.oneof(
  fc.constantFrom<unknown>(
    ...[
      null,
      '',
      ' ',
      0,
      -1,
      1.5,
      2 ** 60,
      true,
      [],
      {},
      [[]],
      'x'.repeat(2001),
      'a\u0000b',
      '-0',
      '1.',
      '.5',
    ],
    ...['2027-02-30', '9'.repeat(17), '0.001', '-5.00', '__proto__', 'debit', 'bank', 'general'],
  ),
  fc.string(),
  fc.jsonValue(),
);

describe('a shape judges alike, quickly and at length', () => {
  it('whatever stands in whatever place of a book', () => {
    fc.assert(
      fc.property(anyBook, fc.nat(), odd, fc.boolean(), (book, at, value, isNew) => {
        const json = JSON.parse(JSON.stringify(bookToJson(book))) as Json;
        const places = placesIn(json);
        const [inside, key] = places[at % places.length] as [Json, string];
        inside[isNew && !Array.isArray(inside) ? `${key}-new` : key] = value;
        const sent = JSON.parse(JSON.stringify(json)) as Json;
        const read = bookFromJson(sent);
        if (read.ok) expect(fitting(bookFile(2), sent).ok).toBe(true);
        else {
          expect(read.refusals.length).toBeGreaterThan(0);
          for (const { says } of read.refusals) expect(says).toMatch(/^\S.{5,}\.$/s);
        }
      }),
      { numRuns: 600 },
    );
  });
});

test('a name that shows nothing is none', () => {
  for (const name of ['', '  ', '\u200b\u200b', '\u2800', '\u3164', '\u00a0\u2060'])
    expect(isVisible(name)).toBe(false);
  for (const name of ['a', 'é', '銀行', ' x ', '…', '🙂']) expect(isVisible(name)).toBe(true);
});

test.each(Object.entries(jsonSchemas()))(
  '%s is the schema that the shapes tell',
  (name, schema) => {
    const file = join(import.meta.dirname, '../../docs/formats', name);
    const described = `${JSON.stringify(schema, null, 2)}\n`;
    if (process.env['WRITE_FORMATS'] === '1') writeFileSync(file, described);
    expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(JSON.parse(described));
  },
);

test('a demo company is written as it ever was', () => {
  const json = bookToJson(ternIsland()) as { accounts: object[]; entries: object[] };
  expect(Object.keys(json)).toEqual([
    ...['format', 'version', 'company', 'scheme', 'numberPlan', 'accounts', 'opening', 'entries'],
  ]);
  expect(json.accounts[0]).toMatchObject({ id: 'bank', number: '1010', type: 'bank' });
});
