import { spreadFigures, subtotalsShown } from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';
import { shop } from './builder.js';

const PERIOD = { from: '2027-01-01', to: '2027-03-31' };

describe('the figures of the spread', () => {
  it('are those of the demo company, to the cent', () => {
    const { sheet, profit, amounts, families } = spreadFigures(ternIsland(), PERIOD);
    expect(sheet.totals).toEqual({
      assets: 8_431_000,
      liabilities: 3_120_000,
      equity: 5_311_000,
      profit: 1_248_000,
    });
    expect(profit.totals.profit).toBe(sheet.totals.profit);
    expect(amounts.get('fleet-dep')).toBe(-1_150_000);
    expect(amounts.get('refunds')).toBe(-60_000);
    expect([amounts.get('depreciation'), families.get('depreciation')]).toEqual([0, 295_000]);
    expect(families.get('fleet')).toBe(3_450_000);
  });

  it('show a subtotal only where it says something of its own', () => {
    const tern = spreadFigures(ternIsland(), PERIOD).profit.sections;
    expect([...subtotalsShown(tern)]).toEqual([
      ['cost-of-sales', 'grossProfit'],
      ['operating-expenses', 'operatingProfit'],
      ['other-expenses', 'profitBeforeTax'],
    ]);
    expect([...subtotalsShown(spreadFigures(shop(), PERIOD).profit.sections)]).toEqual([]);
  });
});
