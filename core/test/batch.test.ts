import {
  apply,
  AUTHOR,
  healthOf,
  intoBatch,
  operationSays,
  postBatch,
  readBook,
  spreadFigures,
  stillOpen,
  writeBook,
  type Book,
  type Entry,
  type Operation,
} from '../src/index.js';
import { entry, shop } from './builder.js';

const PERIOD = { from: '2027-01-01', to: '2027-12-31' };
const rent = entry('rent', '2027-02-01', { lines: { insurance: 500, bank: -500 } });
const sold = entry('sold', '2027-02-02', { lines: { bank: 900, sales: -900 } });

function after(book: Book, operation: Operation): { book: Book; inverse: Operation } {
  const applied = apply(book, operation, AUTHOR);
  if (!applied.ok) throw new Error(applied.refusals[0]?.says);
  return applied.value;
}

function waiting(book: Book, ...entries: Entry[]): Book {
  return entries.reduce((now, each) => {
    const waits = intoBatch(now, each, AUTHOR);
    if (!waits.ok) throw new Error(waits.refusals[0]?.says);
    return after(now, waits.value).book;
  }, book);
}

const profit = (book: Book) => spreadFigures(book, PERIOD).profit.totals.profit;

describe('a batch', () => {
  it('waits outside the books, and is posted in one step: as if each had been recorded', () => {
    const held = waiting(shop(), rent, sold);
    expect(profit(held)).toBe(profit(shop()));
    const posted = after(held, postBatch(held));
    const at = [rent, sold].reduce(
      (now, each) => after(now, { kind: 'record-entry', entry: each }).book,
      shop(),
    );
    expect(posted.book).toEqual(at);
    expect(after(posted.book, posted.inverse).book).toEqual(held);
  });

  it('takes nothing that could not be posted, and gives back what is taken out', () => {
    const odd = entry('odd', '2027-02-01', { lines: { bank: 500, sales: -400 } });
    expect(intoBatch(shop(), odd, AUTHOR)).toMatchObject({
      ok: false,
      refusals: [{ says: expect.stringMatching(/\.$/) }],
    });
    const held = waiting(shop(), rent, sold);
    const out: Operation = { kind: 'remove-waiting', id: 'rent' };
    expect(after(held, out).book.subledgers?.waiting).toEqual([sold]);
    expect(after(after(held, out).book, after(held, out).inverse).book).toEqual(held);
    expect(after(waiting(shop(), rent), out).book).toEqual(shop());
    expect(apply(shop(), out, AUTHOR)).toMatchObject({ ok: false });
  });

  it('one that waits is put right in its place', () => {
    const held = waiting(shop(), rent, sold);
    const dearer = { ...rent, lines: sold.lines };
    const { book, inverse } = after(held, { kind: 'put-waiting', entry: dearer });
    expect(book.subledgers?.waiting).toEqual([dearer, sold]);
    expect(after(book, inverse).book).toEqual(held);
  });

  it('what others let wait meanwhile stays, and no entry is posted twice', () => {
    const mine = waiting(shop(), rent);
    const posting = postBatch(mine);
    const both = waiting(mine, sold);
    const posted = after(both, posting).book;
    expect(posted.subledgers?.waiting).toEqual([sold]);
    expect(apply(posted, posting, AUTHOR)).toMatchObject({ ok: false });
  });

  it('is posted whole or not at all', () => {
    const held = waiting(shop(), rent, sold);
    const retired = after(held, { kind: 'retire-account', id: 'sales' }).book;
    const refused = apply(retired, postBatch(retired), AUTHOR);
    expect(refused.ok).toBe(false);
  });

  it('stays with the book’s file, is told by its health, and says what it did', () => {
    const held = waiting(shop(), rent, sold);
    const read = readBook(writeBook(held));
    expect(read).toMatchObject({ ok: true, value: { subledgers: { waiting: [rent, sold] } } });
    const found = (book: Book) =>
      healthOf(book).filter(({ check }) => check === 'health.nothing-waits');
    expect(found(shop())).toEqual([]);
    expect(found(held)[0]?.says).toMatch(/^2 entries wait in the batch/);
    expect(found(waiting(shop(), rent))[0]?.says).toMatch(/^One entry waits/);
    expect(stillOpen(held).map(({ code }) => code)).toEqual(['open.batch']);
    expect(operationSays({ kind: 'put-waiting', entry: rent }, shop())).toMatch(
      / waits in the batch\.$/,
    );
    expect(operationSays({ kind: 'remove-waiting', id: 'rent' }, held)).toMatch(
      /^Entry “rent” of .* no longer\.$/,
    );
  });
});

describe('templates', () => {
  const kept = { id: 't', name: 'Rent', entry: rent };

  it('are kept with the book, in its file too, change no figure, and can be thrown away', () => {
    const put: Operation = { kind: 'put-template', template: kept };
    const { book, inverse } = after(shop(), put);
    expect(profit(book)).toBe(profit(shop()));
    expect(readBook(writeBook(book))).toMatchObject({
      ok: true,
      value: { subledgers: { templates: [kept] } },
    });
    expect(operationSays(put, shop())).toBe('Template “Rent” kept.');
    expect(operationSays(inverse, book)).toBe('Template “Rent” thrown away.');
    expect(after(book, inverse).book).toEqual(shop());
  });
});
