import type { Band, NumberPlan } from './number-plan.js';

const bands = (rows: string): Band[] =>
  rows
    .trim()
    .split('\n')
    .map((row) => {
      const [section = '', from = '', to = ''] = row.trim().split(/\s+/);
      return { section, from, to };
    });

const threeDigit: NumberPlan = {
  id: 'three-digit',
  name: 'Three digits',
  characters: 'digits',
  length: 3,
  step: 5,
  childStep: 1,
  bands: bands(`
    current-assets          100 149
    non-current-assets      150 199
    current-liabilities     200 249
    non-current-liabilities 250 299
    equity                  300 399
    revenue                 400 499
    cost-of-sales           500 599
    operating-expenses      600 799
    other-income            800 849
    other-expenses          850 899
    income-tax              900 949`),
};

const fourDigit: NumberPlan = {
  id: 'four-digit',
  name: 'Four digits',
  characters: 'digits',
  length: 4,
  step: 10,
  childStep: 1,
  bands: bands(`
    current-assets          1000 1499
    non-current-assets      1500 1999
    current-liabilities     2000 2499
    non-current-liabilities 2500 2999
    equity                  3000 3999
    revenue                 4000 4999
    cost-of-sales           5000 5999
    operating-expenses      6000 7999
    other-income            8000 8499
    other-expenses          8500 8999
    income-tax              9000 9499`),
};

const fiveDigit: NumberPlan = {
  id: 'five-digit',
  name: 'Five digits',
  characters: 'digits',
  length: 5,
  step: 100,
  childStep: 10,
  bands: bands(`
    non-current-assets      10000 19999
    current-assets          20000 29999
    equity                  30000 34999
    non-current-liabilities 35000 39999
    current-liabilities     40000 49999
    revenue                 50000 54999
    other-income            55000 59999
    cost-of-sales           60000 69999
    operating-expenses      70000 84999
    other-expenses          85000 89999
    income-tax              90000 94999`),
};

const lettered: NumberPlan = {
  id: 'lettered',
  name: 'A letter and three digits',
  characters: 'letters-and-digits',
  length: 4,
  step: 10,
  childStep: 1,
  bands: bands(`
    current-assets          A100 A499
    non-current-assets      A500 A999
    current-liabilities     L100 L499
    non-current-liabilities L500 L999
    equity                  Q100 Q999
    revenue                 R100 R999
    cost-of-sales           S100 S999
    operating-expenses      X100 X999
    other-income            Y100 Y499
    other-expenses          Y500 Y999
    income-tax              Z100 Z999`),
};

/** The number plans that come with the product; the first is the usual one. */
export const SHIPPED_PLANS: readonly NumberPlan[] = [fourDigit, threeDigit, fiveDigit, lettered];

export const shippedPlan = (id: string): NumberPlan | null =>
  SHIPPED_PLANS.find((plan) => plan.id === id) ?? null;
