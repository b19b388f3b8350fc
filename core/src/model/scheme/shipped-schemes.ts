import { CATALOGUE } from './catalogue.js';
import type { ClassId, Scheme, Section } from './scheme.js';

const section = (id: string, name: string, of: ClassId): Section => ({ id, name, class: of });

const currentAssets = section('current-assets', 'Current assets', 'asset');
const nonCurrentAssets = section('non-current-assets', 'Non-current assets', 'asset');
const currentLiabilities = section('current-liabilities', 'Current liabilities', 'liability');
const nonCurrentLiabilities = section(
  'non-current-liabilities',
  'Non-current liabilities',
  'liability',
);

const REST: readonly Section[] = [
  section('equity', 'Equity', 'equity'),
  section('revenue', 'Revenue', 'income'),
  section('cost-of-sales', 'Cost of sales', 'expense'),
  section('operating-expenses', 'Operating expenses', 'expense'),
  section('other-income', 'Other income', 'income'),
  section('other-expenses', 'Other expenses', 'expense'),
  section('income-tax', 'Income tax', 'expense'),
];

const currentFirst: Scheme = {
  id: 'current-first',
  name: 'Current items first',
  sections: [currentAssets, nonCurrentAssets, currentLiabilities, nonCurrentLiabilities, ...REST],
  types: CATALOGUE,
};

const nonCurrentFirst: Scheme = {
  id: 'non-current-first',
  name: 'Non-current items first',
  sections: [nonCurrentAssets, currentAssets, nonCurrentLiabilities, currentLiabilities, ...REST],
  types: CATALOGUE,
};

/** The schemes that come with the product; the first is the usual one. */
export const SHIPPED_SCHEMES: readonly Scheme[] = [currentFirst, nonCurrentFirst];
