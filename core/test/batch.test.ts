import {
  apply,
  AUTHOR,
  healthOf,
  intoBatch,
  operationSays,
  outOfBatch,
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
    expect(after(held, outOfBatch(held, 'rent')).book.dealings?.waiting).toEqual([sold]);
    expect(after(waiting(shop(), rent), outOfBatch(waiting(shop(), rent), 'rent')).book).toEqual(
      shop(),
    );
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
    expect(read).toMatchObject({ ok: true, value: { dealings: { waiting: [rent, sold] } } });
    const found = (book: Book) =>
      healthOf(book).filter(({ check }) => check === 'health.nothing-waits');
    expect(found(shop())).toEqual([]);
    expect(found(held)[0]?.says).toMatch(/^2 entries wait in the batch/);
    expect(found(waiting(shop(), rent))[0]?.says).toMatch(/^One entry waits/);
    expect(stillOpen(held).map(({ code }) => code)).toEqual(['open.batch']);
    expect(operationSays({ kind: 'put-waiting', entries: [rent] }, held)).toBe(
      '1 entry waits in the batch now, 2 before.',
    );
    expect(operationSays({ kind: 'put-waiting', entries: [] }, held)).toMatch(/^Nothing waits/);
  });
});

describe('templates', () => {
  const kept = { id: 't', name: 'Rent', entry: rent };

  it('are kept with the book, in its file too, change no figure, and can be thrown away', () => {
    const put: Operation = { kind: 'put-templates', templates: [kept] };
    const { book, inverse } = after(shop(), put);
    expect(profit(book)).toBe(profit(shop()));
    expect(readBook(writeBook(book))).toMatchObject({
      ok: true,
      value: { dealings: { templates: [kept] } },
    });
    expect(operationSays(put, shop())).toBe('Template “Rent” kept.');
    expect(operationSays({ kind: 'put-templates', templates: [] }, book)).toBe(
      'A template thrown away.',
    );
    expect(after(book, inverse).book).toEqual(shop());
  });
});
