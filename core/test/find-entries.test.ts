import { entriesFound, EVERY_ENTRY, totalOfEntries, type EntriesWanted } from '../src/index.js';
import { shop } from './builder.js';

const found = (wanted: Partial<EntriesWanted>): string[] =>
  entriesFound(shop(), { ...EVERY_ENTRY, ...wanted }).map(({ id }) => id);

describe('entries are found', () => {
  it('all of them, where nothing is asked', () => {
    expect(found({})).toEqual(['sale', 'paid', 'cover', 'worn']);
  });

  it.each([
    ['sale', ['sale']],
    ['2027-02', ['sale', 'paid']],
    ['RECEIVABLES', ['sale', 'paid']],
    ['1100 bank', ['paid']],
    ['1100.00', ['paid']],
    ['1,100.00', ['paid']],
    ['150', ['sale', 'cover']],
    ['nothing like it', []],
    ['   ', ['sale', 'paid', 'cover', 'worn']],
  ])('by %s', (text, ids) => {
    expect(found({ text })).toEqual(ids);
  });

  it('by kind, account, days and id, and by all of them together', () => {
    expect(found({ kind: 'adjusting' })).toEqual(['cover', 'worn']);
    expect(found({ account: 'bank' })).toEqual(['paid']);
    expect(found({ from: '2027-02-20', to: '2027-03-30' })).toEqual(['paid']);
    expect(found({ from: '2027-02-21' })).toEqual(['cover', 'worn']);
    expect(found({ to: '2027-02-20' })).toEqual(['sale', 'paid']);
    expect(found({ id: 'worn' })).toEqual(['worn']);
    expect(found({ id: 'worn', kind: 'general' })).toEqual([]);
    expect(found({ kind: 'adjusting', text: 'wear' })).toEqual([]);
    expect(found({ kind: 'adjusting', text: 'depreciation' })).toEqual(['worn']);
  });

  it('their total is that of their debits', () => {
    expect(totalOfEntries(shop().entries)).toBe(300_000);
    expect(totalOfEntries([])).toBe(0);
  });
});
