import {
  faultsOfBook,
  inBand,
  bandOfType,
  LEGAL_FORMS,
  SHIPPED_PLANS,
  SHIPPED_SCHEMES,
  starterChart,
  TRADES,
  typeOf,
} from '../src/index.js';
import { COMPANY } from './builder.js';

const everyFrame = TRADES.flatMap((trade) =>
  LEGAL_FORMS.flatMap((legalForm) =>
    [...SHIPPED_PLANS.map((plan) => plan.id), null].map(
      (numberPlan) => [trade.id, legalForm, numberPlan] as const,
    ),
  ),
);

describe('starter charts', () => {
  it('there are for at least eight trades and four legal forms', () => {
    expect(TRADES.length).toBeGreaterThanOrEqual(8);
    expect(LEGAL_FORMS).toHaveLength(4);
  });

  it.each(everyFrame)(
    '%s, %s, %s: whole, placed, numbered in its bands',
    (trade, legalForm, numberPlan) => {
      for (const { id: scheme } of SHIPPED_SCHEMES) {
        const book = starterChart(trade, {
          company: { ...COMPANY, legalForm },
          scheme,
          numberPlan,
        });
        expect(faultsOfBook(book)).toEqual([]);
        const kept = book.accounts.filter(
          (each) => typeOf(book.scheme, each.type)?.role === 'retained-earnings',
        );
        expect(kept).toHaveLength(1);
        for (const { number, type, name } of book.accounts) {
          expect([name, typeOf(book.scheme, type)?.id]).toEqual([name, type]);
          const band =
            numberPlan === null ? null : bandOfType(book.numberPlan as never, book.scheme, type);
          if (band) expect([name, inBand(band, number ?? '')]).toEqual([name, true]);
        }
      }
    },
  );

  it('has the equity of the legal form', () => {
    const names = (legalForm: (typeof LEGAL_FORMS)[number]) =>
      starterChart('shop', {
        company: { ...COMPANY, legalForm },
        scheme: 'current-first',
        numberPlan: null,
      }).accounts.map((each) => each.name);
    expect(names('company')).toContain('Share capital');
    expect(names('sole-trader')).toContain('Drawings');
    expect(names('partnership')).toContain('Capital, second partner');
    expect(names('non-profit')).not.toContain('Share capital');
  });
});
