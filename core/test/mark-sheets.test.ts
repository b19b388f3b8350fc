import {
  checkWork,
  keyOf,
  marginOf,
  markSheets,
  marksSheet,
  signInSlips,
  sideBySide,
} from '../src/index.js';
import { keptPairs, keptResults } from '../src/assessment/mark/kept-result.js';
import { change, shop } from './builder.js';

const period = { from: '2027-01-01', to: '2027-03-31' };

const marked = (withKey: boolean) => {
  const key = shop();
  const work = change(shop(), 'passes', { type: 'goods-sales', number: '4040' });
  const checked = checkWork(keyOf(key), work);
  const { faults } = marginOf(keptResults(checked));
  return {
    ...{ student: 'Ines Okafor', exercise: 'Quarter-end', work, period },
    mark: { points: checked.points, of: checked.of },
    key: withKey ? key : null,
    sections: sideBySide(key, work, { pairs: keptPairs(checked), period }),
    notesOn: ({ kind }: { kind: string }) => (kind === 'wrong-place' ? [1] : []),
    remarks: faults.map((fault, i) => ({
      ...{ number: i + 1, what: fault.check, says: 'Why.', points: fault.points - fault.of },
    })),
  };
};

describe('a marked work on paper', () => {
  it('has the work beside the key, notes at their rows, totals at the foot', () => {
    const [spread, notes] = markSheets(marked(true));
    expect(spread?.columns.map(({ name }) => name)).toEqual([
      ...['Account', 'In this work', 'In the key', 'Note'],
    ]);
    const row = spread?.rows.find(({ cells }) => cells[3] === '1');
    expect(row?.cells[0]).toBe('4040 Passes paid ahead');
    const total = spread?.rows.find(({ cells }) => cells[0] === 'Total assets');
    expect(total?.cells[1]).toEqual(total?.cells[2]);
    expect(spread?.subtitle).toMatch(/^Ines Okafor, \d+ of \d+; 1 January 2027/);
    expect(notes?.rows).toHaveLength(1);
    expect(notes?.rows[0]?.cells[3]).toMatch(/^−\d$/);
  });

  it('says nothing of a key that is not shown, and no marks where they are not', () => {
    const [spread, notes] = markSheets({ ...marked(false), mark: null });
    expect(spread?.columns).toHaveLength(3);
    expect(spread?.rows.every(({ cells }) => cells.length === 3)).toBe(true);
    expect(notes?.subtitle).toBe('Quarter-end: Ines Okafor');
  });
});

it('marks of a class stand on one sheet; who has none has empty cells', () => {
  const student = {
    ...{ student: 'A', login: 'a', state: 'given back', missed: 2 },
    ...{ number: '', email: '', classes: '' },
  };
  const { rows } = marksSheet('Quarter-end', '', [
    { ...student, day: '2027-04-14', points: 15, of: 20 },
    { ...student, day: null, points: null, of: null },
  ]);
  expect(rows[0]?.cells.slice(3)).toEqual([
    ...['14 April 2027', { amount: 2 }, { amount: 15 }, { amount: 20 }, { amount: 75 }],
  ]);
  expect(rows[1]?.cells.slice(3)).toEqual(['', '', '', '', '']);
});

it('who signs in for the first time has a row of their own, with where', () => {
  const slip = { name: 'Ada Holm', login: 'ada.holm', password: 'reed-quay-lamp' };
  const { rows, subtitle } = signInSlips('Evening', 'https://books.example', [slip]);
  expect(subtitle).toBe('https://books.example');
  expect(rows.map(({ cells }) => cells)).toEqual([
    ['Ada Holm', 'ada.holm', 'reed-quay-lamp', 'https://books.example'],
  ]);
});
