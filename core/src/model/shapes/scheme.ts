import { record } from '../shape/record.js';
import { filled, flag, list, oneOf, text, usually, type ValueOf } from '../shape/shape.js';

/** In which English a company names things. Only the words change, never what they mean. */
export const WORDS = ['international', 'british', 'american'] as const;
export type Words = (typeof WORDS)[number];

const CLASSES = ['asset', 'liability', 'equity', 'income', 'expense'] as const;
export type ClassId = (typeof CLASSES)[number];

/** What a movement of an account is in the cash flow; `none` is there only for closing. */
const ACTIVITIES = ['cash', 'operating', 'investing', 'financing', 'none'] as const;
export type Activity = (typeof ACTIVITIES)[number];

/** What the program must know about a type. */
const ROLES = [
  'cash',
  'receivables-control',
  'payables-control',
  'inventory',
  'accumulated-depreciation',
  'depreciation-charge',
  'retained-earnings',
  'suspense',
  'income-summary',
  'none',
] as const;
export type Role = (typeof ROLES)[number];

/** The subtotals of profit and loss, in the order shown. */
const PROFIT_LINES = [
  'revenue',
  'grossProfit',
  'operatingProfit',
  'profitBeforeTax',
  'profit',
] as const;
export type ProfitLine = (typeof PROFIT_LINES)[number];

export const activity = oneOf(ACTIVITIES);
const id = text(200);

/** The heading within a class under which a statement shows the account. */
const sectionShape = record(
  {
    id,
    name: text(),
    class: oneOf(CLASSES),
    /**
     * Profit and loss only: the first subtotal that the section counts in. Absent: as for the shipped section
     * of this id; one of a scheme's own then counts in the profit before tax.
     */
    countsIn: oneOf(PROFIT_LINES),
  },
  'countsIn',
);

export type Section = ValueOf<typeof sectionShape>;

/** The leaf of a scheme: it fixes section, normal side, cash-flow activity and role. */
const accountTypeShape = record({
  id,
  name: text(),
  section: id,
  contra: filled(flag, false),
  cashFlow: filled(activity, 'operating'),
  role: filled(oneOf(ROLES), 'none'),
  /** Where accounts of the type close into at the year end. */
  closesInto: filled(oneOf(['nothing', 'retained-earnings', 'capital']), 'nothing'),
  /** One sentence that says what such an account is. */
  says: filled(text(), ''),
  examples: filled(list(text(), 50, 'examples'), []),
});

export type AccountType = ValueOf<typeof accountTypeShape>;

const parts = {
  id,
  name: text(),
  sections: list(sectionShape, 100, 'sections'),
  types: list(accountTypeShape, 1000, 'account types'),
};

/** The tree that classifies: statement > class > section > account type, in the order shown. */
export const schemeShape = record(
  {
    ...parts,
    /** In which words its names are written; absent: international. Not said in a book’s file, whose company has them. */
    words: oneOf(WORDS),
  },
  'words',
);

export type Scheme = ValueOf<typeof schemeShape>;

/** A scheme as it stands in a book's file. */
export const writtenScheme = record({
  ...parts,
  sections: usually(parts.sections, []),
  types: usually(parts.types, []),
});
