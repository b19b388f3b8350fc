import { glossary } from '../src/index.js';
import { juniperLane, nurseryYear, pollardRow, ternIsland } from '../src/demo/index.js';

const said = (word: string, of = ternIsland()) =>
  glossary(of).find((each) => each.word === word)?.example;

it('explains each word once, with an example from the books at hand', () => {
  for (const make of [ternIsland, pollardRow, juniperLane, nurseryYear]) {
    const words = glossary(make());
    expect(new Set(words.map(({ word }) => word)).size).toBe(words.length);
    for (const { says, example } of words) {
      expect(says).toMatch(/\.$/);
      expect(example).toMatch(/^$|^Here.*\.$/);
    }
  }
});

it('tells what a contra account lowers, to the cent', () => {
  const example = said('contra');
  expect(example).toMatch(/^Here “Accumulated depreciation, fleet” lowers “Hire fleet”: /);
  const [cost, lowers, left] = (example?.match(/(?<![\d,.])[\d,.]+(?= (?:in|left))/g) ?? []).map(
    (each) => Number(each.replaceAll(',', '')),
  );
  expect((cost ?? 0) - (lowers ?? 0)).toBe(left);
});

it('says nothing of a book where there is no such thing', () => {
  expect(said('drawings')).toBe('');
  expect(said('drawings', pollardRow())).toMatch(/^Here: “/);
});
