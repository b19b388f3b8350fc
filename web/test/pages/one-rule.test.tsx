import type { ShownResult } from '@gleddo/contract';
import { marginOf } from '@gleddo/core';
import { render, screen, within } from '@testing-library/react';
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
