import fc from 'fast-check';
import { apply, madeOfCopy, type Book, type Operation } from '../src/index.js';
import { anyBook } from './arbitrary-book.js';
import { anyOperation } from './arbitrary-operation.js';
import { COMPANY, shop } from './builder.js';

const change = anyBook.chain((of) => fc.tuple(fc.constant(of), anyOperation(of)));

function done(of: Book, operation: Operation) {
  const applied = apply(of, operation);
  if (!applied.ok) throw new Error(applied.refusals.map((each) => each.says).join(' '));
  return applied.value;
}

test('a step of any book does to a copy that nobody has changed what it did there', () => {
  fc.assert(
    fc.property(change, ([of, operation]) => {
      const applied = apply(of, operation);
      if (!applied.ok) return;
      const made = madeOfCopy({ operation, inverse: applied.value.inverse }, of);
      expect(done(of, made).book).toEqual(applied.value.book);
    }),
    { numRuns: 500 },
  );
});

test('of the particulars a copy takes what was changed, and taken away, and keeps its own', () => {
  const of: Book = { ...shop(), company: { ...COMPANY, address: 'Quay 1', contact: 'Desk' } };
  const copy: Book = { ...of, company: { ...of.company, name: 'Copy', contact: 'Office' } };
  const { address: _, ...rest } = of.company;
  const operation: Operation = {
    kind: 'change-company',
    company: { ...rest, trade: 'Boats', words: 'american' },
  };
  const { inverse } = done(of, operation);
  const now = done(copy, madeOfCopy({ operation, inverse }, copy)).book.company;
  expect(now).toEqual({
    ...rest,
    name: 'Copy',
    contact: 'Office',
    trade: 'Boats',
    words: 'american',
  });
});

test('one step of several changes keeps what is one’s own just so', () => {
  const of = shop();
  const copy: Book = { ...of, company: { ...of.company, name: 'Copy' } };
  const [account] = of.accounts;
  const operation: Operation = {
    kind: 'several',
    operations: [
      { kind: 'rename-account', id: account?.id ?? '', name: 'Another name' },
      { kind: 'change-company', company: { ...of.company, trade: 'Boats' } },
    ],
  };
  const { inverse } = done(of, operation);
  const now = done(copy, madeOfCopy({ operation, inverse }, copy)).book;
  expect(now.company).toMatchObject({ name: 'Copy', trade: 'Boats' });
  expect(now.accounts[0]?.name).toBe('Another name');
});
