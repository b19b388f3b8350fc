import {
  cellsOf,
  keyOf,
  parseAmount,
  pictureIn,
  columnsIn,
  readAccountTable,
  readBook,
  SHIPPED_SCHEMES,
  tableIn,
  workFromTable,
} from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';

const SCHEME = SHIPPED_SCHEMES[0] as (typeof SHIPPED_SCHEMES)[number];

/** What expressions that walk back take long over: much of one thing, then what does not fit. */
const PIECES = [
  ' ',
  '\t',
  '0',
  '1',
  '1 ',
  '. ',
  '(',
  '((',
  '[',
  '-',
  '$',
  '€ ',
  'a',
  'a ',
  "'",
  '&',
  '\n',
  '=',
  'x1',
];
const LENGTH = 40_000;
const HOSTILE = PIECES.flatMap((piece) => {
  const much = piece.repeat(LENGTH / piece.length);
  return [much, `1${much}x`, `${much}!`, `x${much}1`];
});
const shown = (text: string): string => JSON.stringify(text.slice(0, 6));

describe.each(HOSTILE.map((text) => [shown(text), text] as const))(
  'hostile text, %s …',
  (_, text) => {
    it('is read as an amount, as cells, as a list of accounts, in time that grows with its length', () => {
      expect(() => parseAmount(text, { digits: 2, decimal: null })).not.toThrow();
      expect(pictureIn(text)).toBeNull();
      expect(readBook(text).ok).toBe(false);
      tableIn(new TextEncoder().encode(text));
      cellsOf(text);
      const cell = text.slice(0, 2_000);
      const rows = Array.from({ length: 30 }, (_, i) => [`${i}${cell}`, cell, `${cell}${i}`, cell]);
      const cells = [['Number', 'Name', 'Debit', 'Credit'], ...rows];
      for (const each of [cells, rows]) {
        columnsIn(each);
        readAccountTable(each, { scheme: SCHEME, digits: 2, guessTypes: true });
        workFromTable(keyOf(ternIsland()), each);
      }
    });
  },
);
