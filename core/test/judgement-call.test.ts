import { checkWork, keyOf, sentenceOf, type Book } from '../src/index.js';
import { change, shop } from './builder.js';

test('what was given and stands as it was given costs nothing, even where a check finds something', () => {
  const start = shop();
  const asked = keyOf(change(shop(), 'bank', { statedSide: null }), {
    points: { 'account.normal-side': 1 },
  });
  const checked = checkWork(asked, start, { start });
  expect(checked.results.filter(({ outcome }) => outcome === 'not-met')).toEqual([]);
});

test('a judgement call is told with its reason, to whoever chose the other place', () => {
  const accepts = [
    {
      ...{ account: 'prepaid', names: [], types: ['sundry-receivable'], number: 'any' as const },
      ...{ required: true, several: true, reason: 'Both can be defended' },
    },
  ];
  const says = (work: Book) => {
    const checked = checkWork(keyOf(shop(), { accepts }), work);
    const found = checked.results.find(({ ref }) => ref === 'account.type:prepaid');
    return found && sentenceOf(found);
  };
  expect(says(change(shop(), 'prepaid', { type: 'sundry-receivable' }))).toBe(
    '“Prepaid insurance” is set up as Sundry receivable, which is right, too. Both can be defended.',
  );
  expect(says(shop())).toBe('Of the type Prepayment, as it should be.');
});
