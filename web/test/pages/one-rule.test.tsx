import type { ShownResult } from '@gleddo/contract';
import { marginOf, newBook } from '@gleddo/core';
import { render, screen, within } from '@testing-library/react';
import { markPaper } from '../../src/marking/class-results/mark-paper';
import { markedRows } from '../../src/marking/marks/marked-rows';
import { MarginNotes } from '../../src/marking/marks/MarginNotes';

const fault = (id: string, why: string, now: string): ShownResult => ({
  ...{
    check: 'account.type',
    title: 'Account type',
    ref: `account.type:${id}`,
    outcome: 'not-met',
  },
  ...{ subject: { kind: 'account', id }, points: 0, of: 2, from: [], difference: null, causes: [] },
  ...{ date: null, fault: `Fault of ${id}`, kind: 'Of another type' },
  told: { there: `${id} is wrong.`, belongs: '', why, now },
});

const shown = (...faults: ShownResult[]) =>
  render(
    <MarginNotes
      margin={marginOf(faults)}
      lineNames={new Map()}
      notes={[]}
      points={0}
      of={10}
      onPoint={() => undefined}
    />,
  );

test('faults against one rule have the rule once, and each what to do in its place', () => {
  shown(
    fault('van', 'A rule.', 'Mend the van.'),
    fault('kiln', 'A rule.', 'Mend the kiln.'),
    fault('till', 'Another rule.', 'Count it.'),
  );
  const rule = screen.getByRole('region', { name: 'One rule, in 2 places' });
  expect(within(rule).getAllByText('A rule.')).toHaveLength(1);
  expect(within(rule).getByText('Mend the van.')).toBeTruthy();
  expect(within(rule).getByText('Mend the kiln.')).toBeTruthy();
  expect(within(rule).queryByText('Another rule.')).toBeNull();
  expect(screen.getByText('Count it.')).toBeTruthy();
});

test('what is to be done is said once, where it is the same for all', () => {
  shown(fault('van', 'A rule.', 'Look again.'), fault('kiln', 'A rule.', 'Look again.'));
  expect(screen.getAllByText('Look again.')).toHaveLength(1);
});

test('on paper they stand under their rule, too, with their own points', () => {
  const company = {
    ...{ name: 'Quay Lamps', trade: '', legalForm: 'company' as const, currency: 'EUR' },
    ...{ firstDay: '2027-01-01', periods: 12 },
  };
  const work = newBook({ company, scheme: 'current-first', numberPlan: 'four-digit' });
  const period = { from: '2027-01-01', to: '2027-12-31' };
  const results = [
    fault('van', 'A rule.', 'Mend the van.'),
    fault('till', 'Another rule.', 'Count it.'),
    fault('kiln', 'A rule.', 'Mend the kiln.'),
  ];
  const rows = markedRows({ key: null, work, pairs: [], results, period });
  const [, notes] = markPaper({
    ...{ student: 'Ada Finch', exercise: 'Types', points: null, of: null, keyBook: null },
    ...{ work, period, rows, notes: [] },
  });
  expect(notes?.rows.map(({ depth, cells }) => [depth, ...cells])).toEqual([
    [0, '', 'One rule, in 2 places', 'A rule.', ''],
    [1, '1', 'Fault of van', 'van is wrong. Mend the van.', '−2'],
    [1, '2', 'Fault of kiln', 'kiln is wrong. Mend the kiln.', '−2'],
    [0, '3', 'Fault of till', 'till is wrong. Another rule. Count it.', '−2'],
  ]);
});
