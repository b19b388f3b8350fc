import { inLineOrder } from '../src/book/handouts/line-order';

describe('words in the order in which they stand', () => {
  it.each([
    ['Bank account 12', 'Bank account 12'],
    ['שלום', 'שלום'],
    ['חשבון בנק', 'בנק חשבון'],
    ['חשבון בנק ראשי 12', '12 ראשי בנק חשבון'],
    ['Paid to עולם הפרחים. Thanks', 'Paid to הפרחים עולם. Thanks'],
    ['', ''],
  ])('%s', (text, stands) => {
    expect(inLineOrder(text)).toBe(stands);
  });
});
