import { cellsToCsv, marksToTable, type MarkRow } from '../src/index.js';

const ROW: MarkRow = {
  student: 'Ann Lee',
  login: 'ann.lee',
  number: '',
  state: 'given-back',
  points: 31,
  of: 36,
  day: '2027-04-14',
};

test('marks go out in the columns of the roster standard', () => {
  const rows = marksToTable('ex1', [
    ROW,
    {
      ...ROW,
      login: 'bo',
      number: '1008',
      student: '=Bo',
      state: 'working',
      points: null,
      of: null,
      day: null,
    },
  ]);
  expect(rows[0]).toContain('scoreStatus');
  expect(rows.slice(1)).toEqual([
    ['ex1-ann.lee', 'ex1', 'ann.lee', 'fully graded', '31', '2027-04-14', '36', 'Ann Lee'],
    ['ex1-bo', 'ex1', '1008', 'not submitted', '', '', '', '=Bo'],
  ]);
  expect(cellsToCsv(rows)).toContain("'=Bo");
});
