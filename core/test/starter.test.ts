import {
  inBand,
  bandOfType,
  LEGAL_FORMS,
  SHIPPED_PLANS,
  SHIPPED_SCHEMES,
  starterChart,
  TRADES,
  typeOf,
} from '../src/index.js';
import { faultsOfBook } from '../src/model/book/book-faults.js';
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
        expect(kept).toHaveLength(['company', 'non-profit'].includes(legalForm) ? 1 : 0);
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
    expect(names('sole-trader').join()).not.toMatch(/kept|Retained/i);
  });

  const ofTrade = (trade: string, words: 'international' | 'british' = 'international') =>
    starterChart(trade, {
      company: { ...COMPANY, words },
      scheme: 'current-first',
      numberPlan: 'four-digit',
    });

  it('stand in the order of a balance sheet: inventory before prepayments, profits kept after capital', () => {
    for (const { id } of TRADES) {
      const types = ofTrade(id).accounts.map(({ type }) => type ?? '');
      const before = (one: string, other: string) =>
        !types.includes(one) || types.indexOf(one) < types.indexOf(other);
      expect([id, before('inventory', 'prepayment')]).toEqual([id, true]);
      expect([id, before('share-capital', 'retained-earnings')]).toEqual([id, true]);
    }
  });

  it('what customers have paid ahead for is deferred income; a lease has its current part; one is periodic', () => {
    const typeIn = (trade: string, name: string) =>
      ofTrade(trade).accounts.find((each) => each.name === name)?.type;
    expect(typeIn('cafe', 'Deposits for parties')).toBe('deferred-income');
    expect(typeIn('carrier', 'Van lease, due within a year')).toBe('lease-within-year');
    expect(typeIn('shop', 'Purchases')).toBe('purchases');
    for (const { id } of TRADES) {
      expect(typeIn(id, 'Bad debts')).toBe('bad-debts');
      expect(typeIn(id, 'Allowance for doubtful debts')).toBe('allowance-doubtful-debts');
    }
  });

  it('in British words depreciation to date is called so everywhere, and no allowance is a provision', () => {
    for (const { id } of TRADES) {
      const names = ofTrade(id, 'british').accounts.map(({ name }) => name);
      expect(
        names.filter((name) => /accumulated depreciation|provision for doubtful/i.test(name)),
      ).toEqual([]);
      expect(names).toContain('Depreciation to date, computers');
    }
  });
});
