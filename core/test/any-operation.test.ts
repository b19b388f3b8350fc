import fc from 'fast-check';
import {
  apply,
  bookFromJson,
  bookToJson,
  operationSays,
  readOperations,
  spreadFigures,
  type Book,
  type Operation,
} from '../src/index.js';
import { faultsOfBook } from '../src/model/book/book-faults.js';
import { anyBook } from './arbitrary-book.js';
import { anyOperation } from './arbitrary-operation.js';

const change = anyBook.chain((of) => fc.tuple(fc.constant(of), anyOperation(of)));
const UNSAID = /\bnull\b|undefined|NaN|\[object|Infinity|\$\{/;

const does = (of: Book, operation: Operation): Book => {
  const applied = apply(of, operation);
  if (!applied.ok) throw new Error(applied.refusals.map((each) => each.says).join(' '));
  return applied.value.book;
};

/** Runs a property over changes, of those only that are done where `done` is asked. */
const forChanges = (holds: (of: Book, operation: Operation) => void, numRuns = 500) =>
  fc.assert(
    fc.property(change, ([of, operation]) => holds(of, operation)),
    { numRuns },
  );

describe('any change of any book', () => {
  test('is undone exactly', () => {
    forChanges((of, operation) => {
      const applied = apply(of, operation);
      if (applied.ok) expect(does(applied.value.book, applied.value.inverse)).toEqual(of);
    });
  });

  test('is refused in sentences, each with its code; what is done all the same is pointed out in sentences', () => {
    forChanges((of, operation) => {
      const applied = apply(of, operation);
      const said = applied.ok ? applied.value.notices() : applied.refusals;
      if (!applied.ok) expect(said.length).toBeGreaterThan(0);
      for (const { code, says } of said) {
        expect(code).toMatch(/^[a-z-]+\.[a-z-]+$/);
        expect(says).toMatch(/^\S.{10,}[.?]$/s);
        expect(says).not.toMatch(UNSAID);
      }
    });
  });

  test('never makes a whole book faulty', () => {
    forChanges((of, operation) => {
      if (faultsOfBook(of).length > 0) return;
      const applied = apply(of, operation);
      if (applied.ok) expect(faultsOfBook(applied.value.book)).toEqual([]);
    });
  });

  test('leaves a book that is written and read again as it is', () => {
    forChanges((of, operation) => {
      const applied = apply(of, operation);
      if (!applied.ok) return;
      const read = bookFromJson(JSON.parse(JSON.stringify(bookToJson(applied.value.book))));
      if (!read.ok) throw new Error(read.refusals[0]?.says);
      expect(read.value).toEqual(applied.value.book);
    }, 300);
  });

  test('keeps the balance sheet in balance', () => {
    forChanges((of, operation) => {
      const applied = apply(of, operation);
      if (!applied.ok) return;
      const { sheet } = spreadFigures(applied.value.book, { from: '2027-01-01', to: '2027-12-31' });
      expect(sheet.totals.assets).toBe(sheet.totals.liabilities + sheet.totals.equity);
    }, 300);
  });

  test('travels as JSON, and is told in a sentence', () => {
    forChanges((of, operation) => {
      const sent = JSON.parse(JSON.stringify(operation)) as unknown;
      const read = readOperations([sent]);
      const applied = apply(of, operation);
      if (applied.ok && read.ok) {
        const [received] = read.value;
        expect(received && does(of, received)).toEqual(applied.value.book);
      }
      if (!applied.ok) return;
      expect(operationSays(operation, of)).toMatch(/^\S.{5,}\.$/s);
      expect(operationSays(operation, of)).not.toMatch(UNSAID);
    });
  });

  test('that passes through a day that is none, and ends well, is told as it was written', () => {
    const waits = (date: string): Operation => ({
      kind: 'put-waiting',
      entry: { id: 'w', date, kind: 'general', reference: '', text: 'Rent', lines: [] },
    });
    const [of] = fc.sample(anyBook, 1) as [Book];
    const both: Operation = { kind: 'several', operations: [waits('soon'), waits('2027-03-01')] };
    expect(operationSays(both, of)).toBe(
      '2 changes at once, the first: Entry “Rent” of “soon” waits in the batch.',
    );
  });
});
