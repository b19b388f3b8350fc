import {
  checkWork,
  figureWith,
  keptResults,
  keyOf,
  linesOnTheirWay,
  type Book,
} from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';

const DATES = [
  { statement: 'balance-sheet', at: '2027-03-31' },
  { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-03-31' },
] as const;
const key = () => keyOf(ternIsland(), { statementDates: DATES });

const faulty = (): Book => {
  const book = ternIsland();
  return {
    ...book,
    accounts: book.accounts.map((each) =>
      each.id === 'season-passes' ? { ...each, type: 'service-fees', number: '4040' } : each,
    ),
    entries: book.entries.filter(({ id }) => id !== 'e24'),
  };
};

test('each figure comes from the key’s to theirs by its faults, and back when they are put right', () => {
  const asked = key();
  const work = faulty();
  const checked = checkWork(asked, work);
  const lines = linesOnTheirWay(asked.book, keptResults(checked));
  const profit = lines.find(
    ({ name, date }) => /profit for/i.test(name) && date.statement === 'profit-and-loss',
  );
  expect(profit?.wanted).toBe(1_248_000);
  expect(figureWith(profit as NonNullable<typeof profit>, new Set())).toBe(1_248_000 + 506_000);
  const faults = new Set(
    checked.results.filter(({ outcome }) => outcome === 'not-met').map(({ ref }) => ref),
  );
  expect(lines.length).toBeGreaterThan(6);
  for (const line of lines) expect(figureWith(line, faults)).toBe(line.wanted);
  const one = new Set(['account.statement:season-passes']);
  expect(figureWith(profit as NonNullable<typeof profit>, one)).toBe(1_248_000 + 86_000);
});
