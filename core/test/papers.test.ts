import {
  exerciseFromJson,
  exerciseToJson,
  faultsOfGuide,
  fitting,
  guideFile,
  guideShown,
  keyOf,
  pictureIn,
  picturesOf,
  startingPoint,
  urlOfPicture,
  USUAL_RULES,
  withPictures,
  type Book,
  type Document,
  type Guide,
  type SourceSheet,
} from '../src/index.js';
import { nurseryYear, ternIsland } from '../src/demo/index.js';
import { balancesOf, upTo } from '../src/accounting/ledger/balances.js';
import { PLAIN_WRITING } from '../src/model/place/writing.js';
import { drawnPaper } from '../src/teaching/exercise/drawn-papers.js';
import { formatAmount } from '../src/model/money/format-amount.js';
import { dealer, paper } from './subledgers.js';

const sheet = (kind: SourceSheet['kind'], more: Partial<SourceSheet> = {}): Guide => ({
  steps: [{ id: 'one', title: 'One', sheets: ['s'] }],
  sheets: [{ id: 's', title: 'A paper', kind, ...more }],
});
const shown = (book: Book, guide: Guide) => {
  const key = keyOf(book);
  const start = startingPoint(book, 'accounts', { faults: {}, seed: 1 });
  const [first] = guideShown({ key, start, work: start, guide, answers: new Map() }).sheets;
  if (!first) throw new Error('no sheet');
  return first;
};
const money = (amount: number) => formatAmount(amount, { ...PLAIN_WRITING, digits: 2 });

describe('papers', () => {
  const book = nurseryYear();
  const documents = book.subledgers?.documents ?? [];

  it('are each as whoever wrote them would have them: ours to customers, theirs from suppliers', () => {
    const us = book.company.name;
    const partyOf = (id: string | null) =>
      book.subledgers?.parties.find((party) => party.id === id)?.name ?? '';
    for (const document of documents) {
      const { by, to } = drawnPaper(book, document, money);
      const them = partyOf(document.party);
      const isTheirs = /^(supplier-invoice|goods-in|customer-payment)$/.test(document.kind);
      if (/invoice|goods|payment$/.test(document.kind))
        expect([by, to]).toEqual(isTheirs ? [them, us] : [us, them]);
    }
    expect(documents.length).toBeGreaterThan(5);
  });

  it('tell a quantity at its price, what it comes to, and until when it is to be paid', () => {
    const invoice = documents.find(
      ({ kind, lines }) => kind === 'supplier-invoice' && lines[0]?.item,
    );
    if (!invoice) throw new Error('the demo has no such invoice');
    const { lines, total, foot } = drawnPaper(book, invoice, money);
    const worth = lines.reduce((sum, { amount }) => sum + Number(amount.replace(/,/g, '')), 0);
    expect(worth).toBeCloseTo(Number(total.replace(/,/g, '')));
    expect(lines[0]?.quantity).toMatch(/^\d/);
    expect(lines[0]?.price).toMatch(/\.\d\d$/);
    expect(foot.join(' ')).toMatch(/Payable by \d+ \w+ 20\d\d\./);
  });

  it('name no account but that of the money', () => {
    const names = book.accounts.map(({ name }) => name);
    for (const document of documents) {
      const text = JSON.stringify(drawnPaper(book, document, money));
      const named = names.filter((name) => name.length > 6 && text.includes(name));
      const own = [document.money, document.to].map(
        (id) => book.accounts.find((account) => account.id === id)?.name,
      );
      for (const name of named) if (!own.includes(name)) expect(document.text).toContain(name);
    }
  });

  it('stand beside the work with their rows', () => {
    const { rows } = shown(book, sheet('papers'));
    expect(rows).toHaveLength(documents.length);
    expect(rows.every(({ paper }) => paper !== undefined)).toBe(true);
  });
});

describe('a bank statement', () => {
  const book = ternIsland();

  it('ends at what the account stands at, row by row from what it stood at', () => {
    const { rows, note } = shown(
      book,
      sheet('bank-statement', { account: 'bank', at: '2027-03-31' }),
    );
    expect(note).toContain('to 31 March 2027');
    const number = (cell = '') => Number(cell.replace(/[,]/g, '') || 0);
    let left = number(rows[0]?.cells[4]);
    for (const { cells } of rows.slice(1)) {
      left += number(cells[3]) - number(cells[2]);
      expect(number(cells[4])).toBe(left);
    }
    expect(left).toBe((balancesOf(book, upTo('2027-03-31')).get('bank') ?? 0) / 100);
    expect(rows.length).toBeGreaterThan(3);
  });

  it('is of the first money account where none is named, and of a day no later than is said', () => {
    const { note, rows } = shown(book, sheet('bank-statement', { at: '2027-01-10' }));
    expect(note).toContain('Bank');
    expect(rows.length).toBeLessThan(
      shown(book, sheet('bank-statement', { at: '2027-03-31' })).rows.length,
    );
  });
});

describe('a picture', () => {
  const DOT =
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';
  const PNG = `data:image/png;base64,${DOT}`;
  /** A picture that says that it is of another size. */
  const saying = (width: number, height: number) => {
    const bytes = Buffer.from(DOT, 'base64');
    bytes.writeUInt32BE(width, 16);
    bytes.writeUInt32BE(height, 20);
    return `data:image/png;base64,${bytes.toString('base64')}`;
  };

  it('is what its first bytes say, whatever it is called', () => {
    expect(pictureIn(PNG)).toEqual({ kind: 'image/png', data: DOT });
    expect(urlOfPicture(pictureIn(PNG) ?? { kind: 'image/jpeg', data: '' })).toBe(PNG);
    const jpeg = '/9j/4AAQSkZJRgABAQAAAQABAAD/wAALCAABAAEBAREA/9k=';
    expect(pictureIn(`data:image/jpeg;base64,${jpeg}`)?.kind).toBe('image/jpeg');
    for (const wrong of [
      'data:image/svg+xml;base64,PHN2Zz4=',
      'data:image/png;base64,PHN2Zz4=',
      'data:image/png;base64,iVBORw0KGgo<script>',
      `data:image/png;base64,iVBORw0KGgo${'A'.repeat(1_300_000)}`,
      'data:image/jpeg;base64,/9j/4AAQ',
      saying(60_000, 60_000),
      saying(1, 13_000),
      saying(0xffffffff, 0xffffffff),
      'https://example.org/a.png',
    ])
      expect(pictureIn(wrong)).toBeNull();
    expect(pictureIn(saying(4_000, 6_000))).not.toBeNull();
  });

  it('is refused in a guide where it is none, and told where none is chosen yet', () => {
    expect(fitting(guideFile, sheet('picture', { picture: PNG })).ok).toBe(true);
    expect(fitting(guideFile, sheet('picture', { picture: 'kept-1' })).ok).toBe(true);
    const svg = fitting(guideFile, sheet('picture', { picture: 'data:image/svg+xml,<svg/>' }));
    expect(svg.ok ? '' : svg.refusals[0]?.code).toBe('guide.not-a-picture');
    const faults = faultsOfGuide(sheet('picture'), keyOf(ternIsland()));
    expect(faults.map(({ code }) => code)).toEqual(['guide.no-picture']);
  });

  it('is taken apart, named, and put back', () => {
    const guide = sheet('picture', { picture: PNG });
    const named = withPictures(guide, () => 'p1');
    expect(picturesOf(named)).toEqual(['p1']);
    expect(withPictures(named, () => PNG)).toEqual(guide);
    expect(picturesOf(withPictures(named, () => null))).toEqual([]);
    expect(shown(ternIsland(), named)).toMatchObject({ picture: 'p1', rows: [] });
  });

  it('goes with the exercise’s file, byte for byte', () => {
    const key = keyOf(ternIsland());
    const exercise = {
      ...{ title: 'A', brief: '', key, rules: USUAL_RULES },
      ...{ start: key.book, guide: sheet('picture', { picture: PNG }) },
    };
    const json = exerciseToJson(exercise);
    const read = exerciseFromJson(json);
    if (!read.ok) throw new Error(read.refusals[0]?.says);
    expect(JSON.stringify(exerciseToJson(read.value))).toBe(JSON.stringify(json));
  });
});

test('a trial balance on paper names what stands at its day, each on its side, and adds up', () => {
  const book = nurseryYear();
  const at = '2027-06-30';
  const { rows, columns } = shown(book, sheet('trial-balance', { at }));
  const stands = [...balancesOf(book, upTo(at)).values()].filter((amount) => amount !== 0);
  expect(columns.map(({ title }) => title)).toEqual(['Account', 'Debit', 'Credit']);
  expect(rows).toHaveLength(stands.length);
  const worth = (column: number) =>
    rows.reduce((sum, { cells }) => sum + Number((cells[column] ?? '').replace(/[^\d]/g, '')), 0);
  expect(worth(1)).toBeGreaterThan(0);
  expect(worth(1)).toBe(worth(2));
});

test('an order is written by who wants the goods, a credit note by who sold them', () => {
  const book = dealer();
  const us = book.company.name;
  const writes = (kind: Document['kind'], party: string) =>
    drawnPaper(book, paper('p', kind, { party }), money).by;
  expect(writes('ordered', 'mill')).toBe(us);
  expect(writes('ordered', 'ann')).toBe('ann');
  expect(writes('credit-note', 'mill')).toBe('mill');
  expect(writes('credit-note', 'ann')).toBe(us);
});
