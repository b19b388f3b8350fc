import { checkWork, entriesBeside, keyOf, openingsBeside, type Book } from '../src/index.js';
import { keptPairs } from '../src/assessment/mark/kept-result.js';
import { acct, entry, shop } from './builder.js';

const pairsOf = (work: Book) => keptPairs(checkWork(keyOf(shop()), work));

describe('a work beside the key', () => {
  it('shows each opening balance once, with what only the work has behind', () => {
    const odd = acct('odd', 'selling', { name: 'Leaflets', number: '6900' });
    const work = {
      ...shop(),
      accounts: [...shop().accounts, odd],
      opening: { ...shop().opening, balances: { ...shop().opening.balances, loan: 0, odd: 7 } },
    };
    const rows = openingsBeside(shop(), work, pairsOf(work));
    const given = Object.values(shop().opening.balances).filter((amount) => amount !== 0);
    expect(rows).toHaveLength(given.length + 1);
    expect(rows.at(-1)).toMatchObject({ keys: [], works: [{ id: 'odd' }], theirs: 7, wanted: 0 });
    const loan = rows.find(({ keys }) => keys[0]?.id === 'loan');
    expect(loan).toMatchObject({ theirs: 0, wanted: shop().opening.balances['loan'] });
  });

  it('shows each entry once, beside the one that stands for it; another day does not agree', () => {
    const [first, second, ...rest] = shop().entries;
    if (!first || !second) throw new Error('the shop has entries');
    const own = entry('own', '2027-03-30', { lines: { bank: 123, sales: -123 } });
    const work = { ...shop(), entries: [{ ...second, date: '2027-03-07' }, ...rest, own] };
    const rows = entriesBeside(shop(), work, pairsOf(work));
    expect(rows.flatMap(({ keys }) => keys.map(({ id }) => id)).sort()).toEqual(
      shop()
        .entries.map(({ id }) => id)
        .sort(),
    );
    expect(rows.find(({ keys }) => keys[0]?.id === first.id)).toMatchObject({ works: [] });
    expect(rows.find(({ works }) => works[0]?.id === 'own')).toMatchObject({ keys: [] });
    expect(rows.find(({ keys }) => keys[0]?.id === second.id)).toMatchObject({
      ...{ works: [{ id: second.id }], agrees: false },
    });
    expect(rows.filter(({ agrees }) => agrees)).toHaveLength(rest.length);
  });
});
