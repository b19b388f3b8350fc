import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { propose } from '../src/index.js';

const FOLDER = join(import.meta.dirname, 'problems');
const texts = readdirSync(FOLDER, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.txt'))
  .map((file) => readFileSync(join(FOLDER, file), 'utf8').replace(/^(?:= .*|\?)$/gm, ''));

/** What the last sentence of a text does to the books: types and amounts, in hundredths. */
const lastOf = (text: string) =>
  (propose(text, { year: 2027 }).sentences.at(-1)?.entries ?? []).flatMap(({ lines }) =>
    lines.map(({ account, amount }) => [account.type, amount]),
  );

test('no name and no words of an entry have a blank too many, whatever was read as one', () => {
  const said = texts.flatMap((text) =>
    propose(text, { year: 2027 }).sentences.flatMap(({ entries }) =>
      entries.flatMap((entry) => [entry.text, ...entry.lines.map(({ account }) => account.name)]),
    ),
  );
  expect(said.length).toBeGreaterThan(1_000);
  expect(said.filter((each) => each !== each.trim() || each.includes('  '))).toEqual([]);
});

const BUSINESS = 'Ilse Brandt opened a workshop on 1 May 2027 with 9,000 in the bank.\n\n';

test('money that is taken to pay something back is no return of goods', () => {
  expect(
    lastOf(`${BUSINESS}On 3 May she took a loan of 4,000 from the bank, to pay back in two years.`),
  ).toEqual([
    ['bank', 400_000],
    ['long-term-loan', -400_000],
  ]);
});

test('what is ordered and invoiced is not there yet', () => {
  expect(
    lastOf(`${BUSINESS}On 3 May the business ordered benches for 800 and received an invoice.`),
  ).toEqual([]);
});

test('interest that is owed for two months that are named is of two months', () => {
  const loan = 'On 2 May it borrowed 12,000 from the bank for five years at 6 % a year.\n';
  expect(
    lastOf(`${BUSINESS}${loan}On 30 June the interest for May and June is still owed.`),
  ).toEqual([
    ['interest-paid', 12_000],
    ['accrued-expense', -12_000],
  ]);
});

test('what is paid by card is owed on the card where the list has one', () => {
  const list = 'Accounts: Bank 9,000; Credit card payable 200; Capital 8,800.\n\n';
  expect(
    lastOf(`Ilse Brandt runs a workshop. ${list}On 3 May 2027 she bought a drill for 300 by card.`),
  ).toEqual([
    ['plant-equipment', 30_000],
    ['card-payable', -30_000],
  ]);
});

test('plants for the office are nothing to sell', () => {
  const lines = lastOf(`${BUSINESS}On 3 May plants for the office were bought for 60 in cash.`);
  expect(lines.map(([type]) => type)).not.toContain('purchases');
  expect(lines.map(([type]) => type)).not.toContain('inventory');
});

test('what an owner pays from her own account is what it was paid for', () => {
  expect(lastOf(`${BUSINESS}On 3 May Ilse paid 450 for rent from her private account.`)).toEqual([
    ['premises', 45_000],
    ['owner-capital', -45_000],
  ]);
});

test('a shop for hire sells nothing that is called hire, and an adjective is no goods', () => {
  for (const shop of ['bike hire shop', 'busy shop', 'charity shop']) {
    const text = `Ilse Brandt opened a ${shop} on 1 May 2027 with 9,000 in the bank.\n\nOn 3 May paid 90 for hire of a hall, a busy evening for charity.`;
    expect(lastOf(text).map(([type]) => type)).not.toContain('purchases');
  }
});

test('what is withdrawn by nobody is nobody’s drawings', () => {
  expect(lastOf(`${BUSINESS}On 3 May 150 was withdrawn.`)).toEqual([]);
  expect(lastOf(`${BUSINESS}On 3 May 150 was withdrawn by the owner for her household.`)).toEqual([
    ['drawings', 15_000],
    ['bank', -15_000],
  ]);
});

test('of what is bought a lender pays a part, and the rest comes from the bank', () => {
  const bought =
    'On 3 May a van is bought for 7,000; a friend lends her 3,000 of it, the rest comes from the bank account.';
  expect(lastOf(`${BUSINESS}${bought}`)).toEqual([
    ['vehicles', 700_000],
    ['long-term-loan', -300_000],
    ['bank', -400_000],
  ]);
});

test('what comes from somebody who says no more than how long there is to pay is owed', () => {
  const brought = 'On 3 May timber for 620 was delivered by Fenwick Timber, who allow sixty days.';
  expect(lastOf(`${BUSINESS}${brought}`).at(-1)).toEqual(['trade-payables', -62_000]);
});

test('at the end of a period rent of the next month that was charged is paid ahead', () => {
  const adjusting =
    'Prepare the adjusting entries of Gull Ltd at 31 March 2027.\n\n1. Rent of 700 for April had been paid in March and charged to rent expense.';
  expect(lastOf(adjusting)).toEqual([
    ['prepayment', 70_000],
    ['premises', -70_000],
  ]);
});

test('what others owe when the books begin is no cost', () => {
  const begun =
    'On 1 May 2027 the shop had 900 at the bank, 250 owed by schools, tools worth 1,100 and owed 180 to a carrier.\n\nOn 4 May wages of 90 were paid by transfer.';
  const { opening } = propose(begun, { year: 2027 });
  expect(opening.map(({ account, amount }) => [account.type, account.name, amount])).toEqual(
    expect.arrayContaining([
      ['trade-receivables', 'Receivable from schools', 25_000],
      ['bank', 'Bank', 90_000],
    ]),
  );
});

test.each<readonly [string, readonly (readonly [string, number])[]]>([
  [
    'On 3 May she sent the council a bill for 780 for lessons given.',
    [
      ['trade-receivables', 78_000],
      ['service-fees', -78_000],
    ],
  ],
  [
    'On 3 May she got three lamps on credit from Holt & Sons at 90 each.',
    [
      ['furniture-fittings', 27_000],
      ['sundry-payable', -27_000],
    ],
  ],
  [
    'On 3 May she insured the workshop for twelve months; the premium of 600 left the bank account at once.',
    [
      ['prepayment', 60_000],
      ['bank', -60_000],
    ],
  ],
  [
    'On 3 May five learners took lessons and paid 200 in cash between them.',
    [
      ['bank', 20_000],
      ['service-fees', -20_000],
    ],
  ],
  [
    'On 3 May customers brought her 300 in cash for repairs.',
    [
      ['bank', 30_000],
      ['service-fees', -30_000],
    ],
  ],
  [
    'On 3 May the telephone bill of 48 was taken from the bank account.',
    [
      ['office', 4_800],
      ['bank', -4_800],
    ],
  ],
])('what is said in a roundabout way is understood: %s', (sentence, lines) => {
  expect(lastOf(`${BUSINESS}${sentence}`)).toEqual(lines);
});

test('whoever is hired is no money that is taken; what is lost each month is not all', () => {
  const told = (sentence: string) => propose(`${BUSINESS}${sentence}`, { year: 2027 }).sentences;
  const types = (sentence: string) =>
    told(sentence).flatMap(({ entries }) =>
      entries.flatMap(({ lines }) => lines.map(({ account }) => account.type)),
    );
  expect(types('On 3 May the helper she took on is owed wages of 90.')).not.toContain('drawings');
  expect(types('On 3 May a press for 900 was paid. It loses 40 a month.')).not.toContain(
    'accumulated-depreciation',
  );
});

test.each([
  'On 3 May the plumber sent Ilse a bill for 90.',
  'On 3 May a printer sent her an invoice for 90 for leaflets.',
  'On 3 May Holt was sent 200 tiles on account.',
  'On 3 May she insured the van for a year; the premium of 480 will be paid in June.',
  'On 3 May a count of the till showed that 12 was missing.',
  'On 3 May Painted a wall for Mrs Abel, who paid 200 on account.',
])('who has to pay, and whether it was paid, is never guessed: %s', (sentence) => {
  const { sentences } = propose(`${BUSINESS}${sentence}`, { year: 2027 });
  expect(sentences.at(-1)?.entries).toEqual([]);
});

test('what is taken from the bank for the till stays money', () => {
  const taken = 'On 3 May 500 was taken from the bank for the till.';
  expect(lastOf(`${BUSINESS}${taken}`)).toEqual([
    ['cash-in-hand', 50_000],
    ['bank', -50_000],
  ]);
});
