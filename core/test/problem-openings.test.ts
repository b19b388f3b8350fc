import { propose } from '../src/index.js';

const openingOf = (text: string) =>
  propose(text, { year: 2027 }).opening.map(
    ({ account, amount }) => [account.name, account.type, amount / 100] as const,
  );

test('what there was is read from a sentence, and what is left to the owner is reckoned', () => {
  const told = openingOf(
    'Ida Fell runs a repair shop. On 1 June 2027 she had £4,000 in the bank, stock of parts of £1,900 and a van that had cost £6,000 (depreciated by £1,500); customers owed £1,200 and she owed suppliers £850.',
  );
  expect(told.map(([, type, amount]) => [type, amount])).toEqual([
    ['bank', 4000],
    ['inventory', 1900],
    ['vehicles', 6000],
    ['accumulated-depreciation', -1500],
    ['trade-receivables', 1200],
    ['trade-payables', -850],
    ['owner-capital', -10750],
  ]);
});

test('whatever is bought or paid in a sentence is no opening balance', () => {
  const told = openingOf('Ida had paid 400 for rent, bought tools for 900 and took 100 home.');
  expect(told).toEqual([]);
});

test('the capital that is said stays as it is said, and that of a company is not guessed', () => {
  const said = openingOf('She had 4,000 in the bank, tools worth 900 and a capital of 4,900.');
  expect(said.map(([, type]) => type)).toEqual(['bank', 'plant-equipment', 'owner-capital']);
  const company = openingOf(
    'Fell Ltd has 4,000 in the bank, a van worth 900 and owes the garage 100.',
  );
  expect(company.map(([, type]) => type)).not.toContain('owner-capital');
});

test('adjusting entries stand at the end of the period, whatever days are told', () => {
  const { sentences } = propose(
    'Adjusting entries at 31 December 2027:\n1. Interest at 6% on a $10,000 note signed on September 1 has accrued.\n2. Wages of $300 for December 30 and 31 will be paid on January 3.',
    { year: 2027 },
  );
  expect(sentences.map(({ entries }) => [entries[0]?.date, entries[0]?.lines[0]?.amount])).toEqual([
    ['2027-12-31', 20_000],
    ['2027-12-31', 30_000],
  ]);
});

test('where transactions are told beside, each stays on its day', () => {
  const { sentences } = propose(
    'Record the transactions of Fell Repairs and the adjusting entries at 31 December 2027.\nOn 3 December rent of $400 was paid.\nWages of $300 were paid on 5 December.',
    { year: 2027 },
  );
  expect(sentences.map(({ entries }) => entries[0]?.date)).toEqual(['2027-12-03', '2027-12-05']);
});

test('sentences that are read as one stand as they were written', () => {
  const text =
    'On 2 May two vans, 19,000 each, were bought. A finance company lent 30,000 towards them; the remainder came out of the bank.';
  const [sentence, ...more] = propose(text, { year: 2027 }).sentences;
  expect(more).toEqual([]);
  expect(sentence?.text).toBe(text);
  expect(sentence?.entries[0]?.lines.map(({ amount }) => amount)).toEqual([
    3_800_000, -3_000_000, -800_000,
  ]);
});

test('a business is no service because a word of its text is *it*', () => {
  const { sentences } = propose(
    'Marsh & Co began on 1 May 2027. Its owner says that it does well.\n3 May: Received 400 in cash for two crates.',
    { year: 2027 },
  );
  expect(sentences[0]?.entries[0]?.lines[1]?.account.type).toBe('goods-sales');
});
