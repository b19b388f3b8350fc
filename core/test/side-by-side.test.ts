import {
  checkWork,
  keyOf,
  sideBySide,
  type Account,
  type Book,
  type SideSection,
} from '../src/index.js';
import { change, drop, shop } from './builder.js';

const PERIOD = { from: '2027-01-01', to: '2027-03-31' };

function compared(work: Book): SideSection[] {
  const { recognition } = checkWork(keyOf(shop()), work);
  const pairs = recognition.pairs.map((pair) => ({
    keys: pair.keys.map((account) => account.id),
    works: pair.works.map((account) => account.id),
  }));
  return sideBySide(shop(), work, { pairs, period: PERIOD });
}

const rows = (sections: readonly SideSection[], id: string) =>
  (sections.find((section) => section.id === id)?.rows ?? []).map(
    ({ kind, works, keys, theirs, wanted }) =>
      `${kind} ${(works[0] ?? keys[0])?.id} ${theirs ?? '–'} ${wanted ?? '–'}`,
  );

describe('a work beside the key', () => {
  it('stands row by row in the same place when nothing differs', () => {
    const all = compared(shop()).flatMap((section) => section.rows);
    expect(all.every((row) => row.kind === 'together' && row.theirs === row.wanted)).toBe(true);
    expect(all).toHaveLength(shop().accounts.length);
  });

  it('stands twice when it is on the wrong statement: where it is, and where it belongs', () => {
    const sections = compared(change(shop(), 'passes', { type: 'goods-sales', number: '4020' }));
    expect(rows(sections, 'revenue')).toEqual([
      'together sales 150000 150000',
      'wrong-place passes 0 –',
    ]);
    expect(rows(sections, 'current-liabilities')).toEqual(['belongs-here passes – 80000']);
    const later = compared(change(shop(), 'prepaid', { type: 'insurance', number: '6100' }));
    expect(rows(later, 'operating-expenses')[0]).toBe('wrong-place prepaid -15000 –');
  });

  it('shows what is missing where it belongs, and what is too many where it stands', () => {
    const without = drop(shop(), 'insurance');
    const work = { ...without, entries: without.entries.filter((each) => each.id !== 'cover') };
    expect(rows(compared(work), 'operating-expenses')[0]).toBe('belongs-here insurance – 15000');
    const more = {
      ...shop(),
      accounts: [
        ...shop().accounts,
        { ...(shop().accounts[0] as Account), id: 'x', name: 'Xylophone', number: '1020' },
      ],
    };
    expect(rows(compared(more), 'current-assets')[1]).toBe('extra x 0 –');
  });

  it('gathers what has no place in a section of its own', () => {
    const sections = compared(change(shop(), 'prepaid', { type: null }));
    expect(rows(sections, 'not-placed')).toEqual(['wrong-place prepaid 45000 –']);
  });
});
