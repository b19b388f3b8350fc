import { keepingNumbers, nudge, placeAt, type Operation, type Result } from '../src/index.js';
import { shop } from './builder.js';

const value = (result: Result<Operation>): Operation => {
  if (!result.ok) throw new Error('refused');
  return result.value;
};

test('what moves keeps its number where finding numbers is the exercise', () => {
  const moved = value(placeAt(shop(), 'passes', 'accrued-expense'));
  const nudged = value(nudge(shop(), 'loan', 'up'));
  const kept = keepingNumbers(shop(), { kind: 'several', operations: [moved, nudged] });
  expect(kept).toMatchObject({
    operations: [
      { id: 'passes', type: 'accrued-expense', number: '2100' },
      { id: 'loan', number: '2510' },
    ],
  });
  const retired: Operation = { kind: 'retire-account', id: 'loan' };
  expect(keepingNumbers(shop(), retired)).toBe(retired);
});
