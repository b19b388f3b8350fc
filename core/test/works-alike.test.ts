import { checkWork, keyOf, odditiesOf, worksAlike, type Book, type Oddity } from '@gleddo/core';
import { pollardRow } from '@gleddo/core/demo';

const key = keyOf(pollardRow());
const { book } = key;

const oddities = (work: Book, answers: ReadonlyMap<string, string> = new Map()) =>
  odditiesOf({ key, work, answers, checked: checkWork(key, work, { answers }) });
const names = (work: Book) => oddities(work).map(({ says }) => says);

const [first, second, third] = book.entries;
if (!first || !second || !third) throw new Error('The bindery has entries.');
const withEntries = (entries: Book['entries']): Book => ({ ...book, entries });
const withFirst = (entry: typeof first): Book =>
  withEntries([entry, ...book.entries.filter((each) => each !== first)]);

describe('what is odd in a work', () => {
  it('is nothing where it says what the key says, or was not done yet', () => {
    expect(names(book)).toEqual([]);
    expect(names(withEntries([]))).toEqual([]);
    const reached = book.entries.filter(({ date }) => date <= second.date);
    expect(names(withEntries(reached))).toEqual([]);
  });

  it('is a name, a place, a number, an opening that the key does not have', () => {
    const [account] = book.accounts.filter(({ parent, name }) => !parent && name !== 'Suspense');
    const changed = (rest: Partial<typeof account>): Book => ({
      ...book,
      accounts: book.accounts.map((each) => (each === account ? { ...each, ...rest } : each)),
    });
    const name = account?.name ?? '';
    expect(names(changed({ name: `${name}  ` }))).toEqual([]);
    expect(names(changed({ name: `${name} of ours` }))).toEqual([`the name “${name} of ours”`]);
    expect(names(changed({ number: '1499' }))).toEqual([`the number 1499 for “${name}”`]);
    expect(names(changed({ type: 'inventory' }))).toEqual([`“${name}” as Stock`]);
    const opened = { ...book.opening.balances, [account?.id ?? '']: 12_345 };
    expect(names({ ...book, opening: { ...book.opening, balances: opened } })).toContain(
      `123.45 at the opening on “${name}”`,
    );
  });

  it('is a day, an amount, words and an order of entries; and what was passed over', () => {
    expect(names(withFirst({ ...first, date: '2027-01-29' }))[0]).toMatch(
      /^“.+” on 29\sJan\s2027$/,
    );
    expect(names(withFirst({ ...first, text: 'Just so' }))).toEqual(['the words “Just so”']);
    const turned = first.lines.map((line) => ({ ...line, amount: -line.amount }));
    expect(oddities(withFirst({ ...first, lines: turned }))).toMatchObject([{ kind: 'turned' }]);
    const doubled = first.lines.map((line) => ({ ...line, amount: 2 * line.amount }));
    expect(oddities(withFirst({ ...first, lines: doubled }))).toHaveLength(1);
    expect(names(withEntries(book.entries.slice(1)))).toEqual([`no entry of “${first.text}”`]);
    const [last, ...rest] = book.entries.toReversed();
    expect(names(withEntries([...(last ? [last] : []), ...rest.toReversed()]))).toEqual([
      `“${first.text}” recorded after “${last?.text}”`,
    ]);
  });
});

describe('works alike', () => {
  const odd = (name: string, kind = name): Oddity => ({ name, kind, says: name });
  const many = (n: number, of: string) => Array.from({ length: n }, (_, i) => odd(`${of} ${i}`));
  const honest = Array.from({ length: 22 }, (_, i) => ({
    whose: `student ${i}`,
    oddities: many(4, `own ${i}`),
  }));

  it('are told where what both have is rare, the rarest first', () => {
    const shared = [...many(5, 'both'), odd('usual')];
    const works = [
      ...honest.map((each) => ({ ...each, oddities: [...each.oddities, odd('usual')] })),
      { whose: 'Ada', oddities: [odd('Ada’s'), ...shared] },
      { whose: 'Bo', oddities: shared },
    ];
    const [pair, ...others] = worksAlike(works);
    expect(others).toEqual([]);
    expect(pair?.works).toEqual(['Ada', 'Bo']);
    expect(pair?.same.map((words) => words.at(-1))).toEqual(['usual', 'usual']);
    expect(pair?.onceIn).toBeGreaterThan(100);
  });

  it('are told in the words of each, not of the other', () => {
    const said = (by: string) => many(5, 'both').map((each) => ({ ...each, says: `${by}’s` }));
    const [pair] = worksAlike([
      ...honest,
      { whose: 'Ada', oddities: said('Ada') },
      { whose: 'Bo', oddities: said('Bo') },
    ]);
    expect(pair?.same.map((words) => new Set(words))).toEqual([
      new Set(['Ada’s']),
      new Set(['Bo’s']),
    ]);
  });

  it.each([
    ['two things in common', many(2, 'both'), honest],
    ['one habit in many places', Array.from({ length: 9 }, (_, i) => odd(`${i}`, 'habit')), honest],
    [
      'what half of the class has',
      many(5, 'all'),
      honest.map((each, i) => (i % 2 ? each : { ...each, oddities: many(5, 'all') })),
    ],
    ['a class of three', many(5, 'both'), honest.slice(0, 1)],
    ['few of very many', [...many(3, 'both')], honest],
  ])('%s is chance', (what, shared, others) => {
    const own = (of: string) => (what === 'few of very many' ? many(40, of) : []);
    const works = [
      ...others,
      { whose: 'Ada', oddities: [...own('Ada'), ...shared] },
      { whose: 'Bo', oddities: [...own('Bo'), ...shared] },
    ];
    const found = worksAlike(works).filter(
      ({ works: pair }) => pair.includes('Ada') && pair.includes('Bo'),
    );
    expect(found).toEqual([]);
  });
});
