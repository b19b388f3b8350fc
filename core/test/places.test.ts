import fc from 'fast-check';
import {
  apply,
  checkWork,
  keyOf,
  operationSays,
  sentenceOf,
  amountTyped,
  amountWritten,
  cellsOf,
  cellsToCsv,
  accountsToTable,
  collatorOf,
  entriesFound,
  entriesInTable,
  fixedFigures,
  formatAmount,
  parseAmount,
  PLACES,
  readAccountTable,
  shortDay,
  writingOf,
  type Book,
  type Entry,
} from '../src/index.js';
import { dayText } from '../src/model/day/calendar.js';
import { numbersIn, plainDecimal } from '../src/model/money/amounts-in-text.js';
import { shop } from './builder.js';

/** What the platform itself knows of a place: the same source, read apart. */
const localeOf = ({ id, language }: { id: string; language: string }) => `${language}-${id}`;

const spaced = (text: string): string => text.replace(/[\u00a0\u202f]/g, ' ').replace(/’/g, "'");

const IN = {
  nowhere: undefined,
  germany: 'DE',
  france: 'FR',
  india: 'IN',
  switzerland: 'CH',
  america: 'US',
  sweden: 'SE',
} as const;

const writingIn = (place: string | undefined, currency = 'EUR') => writingOf({ currency, place });

describe('a company’s place', () => {
  it.each(PLACES.map((place) => [place.id, place] as const))(
    '%s writes numbers and days as Intl has them',
    (_, place) => {
      const [locale, writing] = [localeOf(place), writingIn(place.id)];
      const number = new Intl.NumberFormat(locale, { minimumFractionDigits: 2 });
      for (const amount of [123_456_789, 1_234_567_890, 99_950])
        expect(spaced(formatAmount(amount, writing))).toBe(spaced(number.format(amount / 100)));
      const order = new Intl.DateTimeFormat(locale, {
        ...{ year: 'numeric', month: '2-digit', day: '2-digit', timeZone: 'UTC' },
      })
        .formatToParts(new Date('2027-03-31T00:00:00Z'))
        .flatMap(({ type }) => (['year', 'month', 'day'].includes(type) ? [type] : []));
      expect(`${order[0]}-first`).toBe(place.days);
    },
  );

  it('writes amounts in its groups, with its mark', () => {
    const shown = Object.values(IN).map((place) => formatAmount(-123_456_750, writingIn(place)));
    expect(shown.map(spaced)).toEqual([
      '(1,234,567.50)',
      '(1.234.567,50)',
      '(1 234 567,50)',
      '(12,34,567.50)',
      "(1'234'567.50)",
      '(1,234,567.50)',
      '(1 234 567,50)',
    ]);
  });

  it('says days in its order', () => {
    const { america, sweden, germany } = IN;
    const [us, se, de] = [america, sweden, germany].map((place) => writingIn(place).days);
    expect([us, se, de].map((order) => dayText('2027-03-31', order))).toEqual([
      'March 31, 2027',
      '2027-03-31',
      '31 March 2027',
    ]);
    expect(shortDay('2027-03-01', us)).toBe('Mar\u00a01,\u00a02027');
  });

  it('what it writes is what it reads, grouped or typed, whatever the currency', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: -1e12, max: 1e12 }).filter((amount) => amount !== 0),
        fc.constantFrom(undefined, ...PLACES.map(({ id }) => id)),
        fc.constantFrom('EUR', 'JPY', 'KWD'),
        (amount, place, currency) => {
          const writing = writingIn(place, currency);
          for (const write of [formatAmount, amountTyped, amountWritten]) {
            const read = parseAmount(write(amount, writing), writing);
            expect(read.ok ? read.value : read.refusals[0]?.says).toBe(amount);
          }
          const shown = formatAmount(Math.abs(amount), writing);
          const [found, ...more] = numbersIn(`to ${shown} of it`, writing);
          expect(more).toEqual([]);
          expect(found?.[0]).toBe(shown);
          expect(Number(plainDecimal(shown, writing))).toBeCloseTo(
            Math.abs(amount) / 10 ** writing.digits,
            3,
          );
        },
      ),
    ));

  it('settles what one mark before three digits means, and refuses in its own way of writing', () => {
    const read = (text: string, place: string | undefined) => parseAmount(text, writingIn(place));
    expect(read('1.234', 'DE')).toMatchObject({ ok: true, value: 123_400 });
    expect(read('1.234', 'US')).toMatchObject({ ok: false });
    expect(read('1,234', 'US')).toMatchObject({ ok: true, value: 123_400 });
    expect(read('12,34,567.5', 'IN')).toMatchObject({ ok: true, value: 123_456_750 });
    const refused = read('12x', 'FR');
    expect(!refused.ok && refused.refusals[0]?.says).toContain('1234,50.');
  });

  it('sorts names by its alphabet', () => {
    const names = ['Örn', 'Zink', 'Olle'];
    const sorted = (place?: string) => [...names].sort(collatorOf({ place }).compare);
    expect(sorted('SE')).toEqual(['Olle', 'Zink', 'Örn']);
    expect(sorted('DE')).toEqual(['Olle', 'Örn', 'Zink']);
  });
});

const inPlace = (place: string): Book => {
  const { company, ...rest } = shop();
  const opening = { date: '2026-12-31', balances: { bank: 1_234_550, capital: -1_234_550 } };
  const lines = [
    { account: 'bank', amount: 1_250_050 },
    { account: 'capital', amount: -1_250_050 },
  ];
  const paidIn: Entry = { id: 'in', date: '2027-02-03', kind: 'general', ...NO_WORDS, lines };
  return { ...rest, company: { ...company, place }, opening, entries: [paidIn] };
};
const NO_WORDS = { reference: '', text: '' };

describe('a book of a place with a decimal comma', () => {
  const german = inPlace('DE');

  it('its table has semicolons and commas, and is read as it was written', () => {
    const csv = cellsToCsv(accountsToTable(german), writingOf(german.company));
    expect(csv).toContain(';12345,50;');
    const cells = cellsOf(csv);
    if (!cells.ok) throw new Error('not read');
    const read = readAccountTable(cells.value, {
      ...{ scheme: german.scheme, digits: 2, guessTypes: false },
    });
    const amounts = read.ok ? read.value.rows.map(({ amount, opening }) => amount ?? opening) : [];
    expect(amounts.filter((amount) => amount !== null && amount !== 0)).toEqual(
      expect.arrayContaining([1_234_550, -1_234_550]),
    );
  });

  it('is searched by amounts as they stand there, and by plain ones', () => {
    const nothing = { ...{ kind: null, account: null, madeBy: null, party: null } };
    const found = (text: string) =>
      entriesFound(german, { ...nothing, from: null, to: null, id: null, text }).length;
    expect(['12.500,50', '12500,50', '12500.50', '12.500,51'].map(found)).toEqual([1, 1, 1, 0]);
  });

  it('takes pasted amounts that could be either as its place has them', () => {
    const rows = [
      ['Date', 'Account', 'Debit', 'Credit'],
      ['3 Feb 2027', 'Bank', '1.250', ''],
      ['', 'Share capital', '', '1.250'],
    ];
    let made = 0;
    const read = (of: Book) => entriesInTable(of, rows, { newId: () => `e${made++}` });
    const lines = read(german).entries[0]?.entry.lines.map(({ amount }) => amount);
    expect(lines).toEqual([125_000, -125_000]);
  });

  it('tells amounts of the key that stand in a text, as they stand there', () => {
    const words = 'On the 3rd 12.500,50 came in, of 12.345,50; {= total("profit")}, no 12.500,51.';
    expect(fixedFigures(words, german)).toEqual(['12.500,50', '12.345,50']);
    expect(fixedFigures('12,500.50 came in', inPlace('US'))).toEqual(['12,500.50']);
  });
});

describe('a book of a place that writes the month first', () => {
  const american = inPlace('US');
  it('refuses, tells and marks with days as they are written there', () => {
    const entry: Entry = { ...(american.entries[0] as Entry), id: 'late', date: '2028-01-05' };
    const refused = apply(
      american,
      { kind: 'record-entry', entry },
      { by: 'student', entriesMayChange: true },
    );
    expect(!refused.ok && refused.refusals[0]?.says).toBe(
      'January 5, 2028 lies outside the financial year, January 1, 2027 to December 31, 2027. Check the day.',
    );
    expect(operationSays({ kind: 'set-opening-date', date: '2026-12-31' }, american)).toBe(
      'Opening balances dated December 31, 2026.',
    );
    const work = { ...american, entries: [{ ...entry, id: 'in', date: '2027-02-04' }] };
    const key = keyOf(american);
    const says = checkWork(key, work).results.map(sentenceOf).join(' ');
    expect(says).toContain('Dated February 4, 2027.');
    expect(says).toContain('February 3, 2027');
  });
});
