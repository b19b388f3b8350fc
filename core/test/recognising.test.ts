import { keyOf, type Book } from '../src/index.js';
import { traitsOf } from '../src/assessment/key/account-traits.js';
import { pairIndexesOf, viewsOf, viewsOfKey } from '../src/assessment/key/entry-view.js';
import { plainName, similarity } from '../src/model/naming/names.js';
import { openingSaid, opensBeside, opensIn } from '../src/assessment/key/opening-entries.js';
import { pairEntries } from '../src/assessment/key/pair-entries.js';
import { recognise } from '../src/assessment/key/recognise.js';
import { acct, book, change, entry, shop } from './builder.js';

/* Who is taken for whom, at the edges: bounds, signs and conditions that matter there. */

const key = (of: Book) => keyOf(of, {});

const alike = (a: string, b: string) => similarity(plainName(a), plainName(b));

describe('names at the edge', () => {
  it('a word of three letters begins another, one of two does not', () => {
    expect(alike('Zoo', 'Zoology')).toBeCloseTo(0.8);
    expect(alike('Zo', 'Zoology')).toBe(0);
  });

  it('a slip in a word of four letters is forgiven, in one of three it is not', () => {
    expect(alike('Rent', 'Rant')).toBeCloseTo(0.75);
    expect(alike('Tax', 'Tex')).toBe(0);
    expect(alike('Kiln', 'Koln')).toBeCloseTo(0.75);
    expect(alike('Kiln', 'Koan')).toBe(0);
  });

  it('words in common count both ways, and no two names are quite the same', () => {
    expect(alike('Harbour loan', 'Harbour loan, old')).toBeLessThan(0.95);
    expect(alike('Harbour loan', 'Harbour loan, old')).toBeCloseTo(4 / 5, 1);
    expect(alike('a b c', 'c b a')).toBe(1);
  });
});

const opensLike = (of: Book) => opensBeside(openingSaid(of), of);
const recognised = (of: Book, work: Book, byHand: Parameters<typeof recognise>[2] = []) =>
  recognise(
    key(of),
    {
      ofKey: { book: of, traits: traitsOf(of, opensIn(of)), opens: opensIn(of) },
      ofWork: { book: work, traits: traitsOf(work, opensLike(of)), opens: opensLike(of) },
    },
    byHand,
  );
const pairsOf = (of: Book, work: Book, byHand: Parameters<typeof recognise>[2] = []) =>
  recognised(of, work, byHand).pairs.map(
    ({ keys, works }) => `${keys.map(({ id }) => id)}=${works.map(({ id }) => id)}`,
  );

describe('pairs made by hand', () => {
  it('the first account of each side can be joined, and the hand outweighs everything', () => {
    const pairs = pairsOf(shop(), shop(), [
      { key: 'bank', work: 'debtors' },
      { key: 'debtors', work: 'bank' },
    ]);
    expect(pairs).toContain('bank=debtors');
    expect(pairs).toContain('debtors=bank');
    expect(
      recognised(shop(), shop(), [{ key: 'bank', work: 'wear' }]).byKey.get('bank'),
    ).toMatchObject({
      confidence: 1,
      reasons: ['joined by hand'],
    });
  });

  it('several may be joined to one, and what is unknown is left out', () => {
    const pairs = pairsOf(shop(), shop(), [
      { key: 'bank', work: 'debtors' },
      { key: 'bank', work: 'van' },
      { key: 'nobody', work: 'van' },
      { key: 'van', work: 'nobody' },
    ]);
    expect(pairs.filter((each) => each.startsWith('bank='))).toEqual(['bank=debtors,van']);
  });

  it('what is parted stands for nobody but by its name and number', () => {
    const work = change(shop(), 'insurance', { name: 'Cover', number: '6210' });
    expect(pairsOf(shop(), work)).toContain('insurance=insurance');
    expect(pairsOf(shop(), work, [{ key: null, work: 'insurance' }])).not.toContain(
      'insurance=insurance',
    );
  });
});

describe('settled pairs', () => {
  const twin = (rest: Parameters<typeof acct>[2]) =>
    book([acct('one', 'bank', { name: 'One', ...rest })], { one: 100 });
  it('the same name with the same number, or type and figures, is settled; without either it is weighed', () => {
    for (const rest of [{ number: '1010' }, { number: null }])
      expect(pairsOf(twin({ number: '1010' }), twin(rest))).toEqual(['one=one']);
    const other = book([acct('one', 'insurance', { name: 'One', number: '6010' })], { one: -7 });
    expect(recognised(twin({ number: '1010' }), other).pairs[0]?.confidence).toBeLessThan(0.7);
  });

  it('two of the same name are told apart by what else they say', () => {
    const loans = (first: string, second: string): Book =>
      book(
        [
          acct(first, 'long-term-loan', { name: 'Loan', number: '2510' }),
          acct(second, 'loan-within-year', { name: 'Loan', number: '2110' }),
          acct('bank', 'bank', { name: 'Bank', number: '1010' }),
        ],
        { [first]: -700, [second]: -300, bank: 1000 },
      );
    expect(pairsOf(loans('a', 'b'), loans('x', 'y'))).toEqual(
      expect.arrayContaining(['a=x', 'b=y']),
    );
    expect(pairsOf(loans('a', 'b'), loans('y', 'x'))).toEqual(
      expect.arrayContaining(['a=y', 'b=x']),
    );
  });
});

describe('details', () => {
  const several = (parts: Record<string, number>, type = 'bank'): Book =>
    book(
      [
        ...Object.keys(parts).map((id, i) =>
          acct(id, type, { name: `Zzz ${id}`, number: `10${i}5` }),
        ),
        acct('capital', 'share-capital', { name: 'Capital', number: '3010' }),
      ],
      { ...parts, capital: -Object.values(parts).reduce((sum, each) => sum + each, 0) },
    );
  const whole = several({ all: 900 });

  it('two of one type stand for one account when they add up to it', () => {
    expect(
      pairsOf(change(whole, 'all', { name: 'Everything' }), several({ qx: 400, vw: 500 })),
    ).toContain('all=qx,vw');
  });

  it('one alone does not, nor two that do not add up, nor accounts at nothing', () => {
    const everything = change(whole, 'all', { name: 'Everything', number: '1999' });
    expect(pairsOf(everything, several({ qx: 400, vw: 501 })).join()).not.toContain('qx,vw');
    expect(pairsOf(everything, several({ qx: 400, vw: 500 }, 'cash-in-hand')).join()).not.toContain(
      'qx,vw',
    );
    const nothing = change(several({ all: 0 }), 'all', { name: 'Everything', number: '1999' });
    expect(pairsOf(nothing, several({ qx: 0, vw: 0 })).join()).not.toContain('qx,vw');
  });

  it('accounts below one count with it where they make up what it lacks', () => {
    const below = book(
      [
        acct('bank', 'bank', { name: 'Bank', number: '1010' }),
        acct('left', 'bank', { name: 'Left drawer', number: '1011', parent: 'bank' }),
        acct('right', 'bank', { name: 'Right drawer', number: '1012', parent: 'bank' }),
        acct('capital', 'share-capital', { name: 'Capital', number: '3010' }),
      ],
      { bank: 100, left: 300, right: 500, capital: -900 },
    );
    const one = book(
      [
        acct('bank', 'bank', { name: 'Bank', number: '1010' }),
        acct('capital', 'share-capital', { name: 'Capital', number: '3010' }),
      ],
      { bank: 900, capital: -900 },
    );
    expect(pairsOf(one, below)).toContain('bank=bank,left,right');
    expect(pairsOf(below, one)).toContain('bank,left,right=bank');
    const short = {
      ...below,
      opening: { ...below.opening, balances: { ...below.opening.balances, right: 501 } },
    };
    expect(pairsOf(one, short)).toContain('bank=bank');
  });
});

describe('entries', () => {
  const paired = (keys: Book['entries'], works: Book['entries']) => {
    const [of, work] = [
      { ...shop(), entries: keys },
      { ...shop(), entries: works },
    ];
    const recognition = recognised(of, work);
    const pairIndexes = pairIndexesOf(of, work, recognition);
    return pairEntries(
      viewsOfKey(of, recognition, pairIndexes),
      viewsOf(work, opensLike(of), pairIndexes.ofWork),
    ).map(
      ({ keys: some, works: others, agrees }) =>
        `${some.map((view) => view.entry.id)}=${others.map((view) => view.entry.id)}${agrees ? '' : '?'}`,
    );
  };
  const pay = (id: string, amount: number, date = '2027-02-10', rest = {}) =>
    entry(id, date, { lines: { loan: amount, bank: -amount }, rest });

  it('one split in two is found among others that touch the same accounts', () => {
    const parts = [pay('p', 30), pay('q', 25), pay('r', 45), pay('s', 70)];
    const found = paired([pay('k', 70)], [pay('p', 30), pay('q', 25), pay('r', 45), pay('t', 999)]);
    expect(found).toContain('k=q,r');
    expect(paired([pay('k', 70)], parts)).toContain('k=s');
    expect(paired([pay('p', 25), pay('q', 45)], [pay('w', 70)])).toContain('p,q=w');
  });

  it('one split in five on its day is found, though a sixth of another day would fit', () => {
    const five = [10, 11, 12, 13, 14].map((amount, i) => pay(`p${i}`, amount));
    const found = paired([pay('k', 60)], [...five, pay('z', 500, '2027-02-11')]);
    expect(found).toContain('k=p0,p1,p2,p3,p4');
  });

  it('the same on the same day goes before the same on another', () => {
    const keys = [pay('a', 50, '2027-02-01'), pay('b', 50, '2027-03-01')];
    const works = [pay('x', 50, '2027-03-01'), pay('y', 50, '2027-02-01')];
    expect(paired(keys, works)).toEqual(['a=y', 'b=x']);
    expect(paired(keys, [pay('x', 50, '2027-03-01'), pay('z', 50, '2027-02-27')])).toEqual([
      'b=x',
      'a=z',
    ]);
  });

  it('two that undo each other stand for nothing', () => {
    expect(paired([], [pay('x', 50), pay('y', -50)])).toEqual(['=x,y']);
    expect(paired([], [pay('x', 50), pay('y', -51)])).toEqual(['=x?', '=y?']);
  });

  it('accounts and sides say more than an amount', () => {
    const works = [
      pay('w', 60),
      entry('v', '2027-02-10', { lines: { insurance: 50, prepaid: -50 } }),
    ];
    expect(paired([pay('k', 50)], works)).toContain('k=w?');
  });

  it('a wrong amount is the same entry, another matter is not', () => {
    expect(paired([pay('k', 50)], [pay('w', 60)])).toEqual(['k=w?']);
    expect(
      paired([pay('k', 50)], [entry('w', '2027-12-31', { lines: { wear: 9, 'van-dep': -9 } })]),
    ).toEqual(['k=?', '=w?']);
    expect(paired([pay('k', 50)], [pay('w', -50)])).toEqual(['k=w?']);
    const near = paired(
      [pay('k', 50), pay('l', 80, '2027-03-20')],
      [pay('w', 51, '2027-02-11'), pay('v', 81, '2027-03-19')],
    );
    expect(near).toEqual(expect.arrayContaining(['k=w?', 'l=v?']));
    const named = paired(
      [
        pay('k', 50, '2027-02-10', { reference: 'A1' }),
        pay('l', 50, '2027-02-10', { reference: 'A2' }),
      ],
      [
        pay('w', 51, '2027-02-10', { reference: 'A2' }),
        pay('v', 51, '2027-02-10', { reference: 'A1' }),
      ],
    );
    expect(named).toEqual(expect.arrayContaining(['k=v?', 'l=w?']));
  });
});

describe('a pair of details', () => {
  it('what details are taken for is sure, not certain', () => {
    const of = book(
      [
        acct('all', 'bank', { name: 'Everything', number: '1999' }),
        acct('c', 'share-capital', { name: 'Capital' }),
      ],
      { all: 9, c: -9 },
    );
    const work = book(
      [
        acct('qx', 'bank', { name: 'Zzz', number: '1001' }),
        acct('vw', 'bank', { name: 'Yyy', number: '1002' }),
        acct('c', 'share-capital', { name: 'Capital' }),
      ],
      { qx: 4, vw: 5, c: -9 },
    );
    expect(recognised(of, work).byKey.get('all')).toMatchObject({ confidence: 0.8 });
  });
});
