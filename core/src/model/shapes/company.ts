import { refusal } from '../refusal/refusal.js';
import { WORDS } from './scheme.js';
import { PLACES } from '../place/places.js';
import { day } from './day.js';
import { record } from '../shape/record.js';
import { filled, judged, oneOf, text, whole, type ValueOf } from '../shape/shape.js';

export const notACurrency = refusal(
  'file.currency',
  (f: { text: string }) => `“${f.text}” is not a currency. Write its three letters, such as EUR.`,
);

export const LEGAL_FORMS = ['sole-trader', 'partnership', 'company', 'non-profit'] as const;
export type LegalForm = (typeof LEGAL_FORMS)[number];

const CASH_FLOW_FORMS = ['ifrs-18'] as const;
const BASES = ['cash'] as const;
const POSTS = ['batches'] as const;
const OTHER_SIDES = ['reclassified'] as const;

/** ISO 4217. */
const currency = judged(
  (text) => (/^[A-Z]{3}$/.test(text) ? null : notACurrency({ text: text.slice(0, 40) })),
  { pattern: '^[A-Z]{3}$' },
);

export const USUAL_CURRENCY = 'EUR';

export const companyShape = record(
  {
    name: text(),
    trade: filled(text(), ''),
    legalForm: filled(oneOf(LEGAL_FORMS), 'company'),
    /** ISO 4217 code. */
    currency: filled(currency, USUAL_CURRENCY),
    /** First day of the financial year, ISO 8601. The year always has twelve months. */
    firstDay: day,
    /** Into how many periods the year is divided. */
    periods: filled(whole(1, 53), 12),
    /**
     * Where interest and dividends stand in the cash flow, and from which profit it begins: as IFRS 18 has it from
     * 1 January 2027 (operating profit; interest and dividends earned investing, interest charged financing);
     * absent: all of them operating, from the profit for the period.
     */
    cashFlow: oneOf(CASH_FLOW_FORMS),
    /** Whether it looks at its profit as money comes and goes; absent: as it is earned and used up. */
    basis: oneOf(BASES),
    /**
     * Whether outside readers see an overdraft, customers in credit and suppliers in debit where they belong;
     * absent: where their accounts stand.
     */
    otherSide: oneOf(OTHER_SIDES),
    /** Whether entries wait and are posted together; absent: each is posted as it is recorded. */
    posts: oneOf(POSTS),
    /** ISO 3166-1: as it is written there its amounts, days and lists are written; absent: 1,234.50 and 31 March 2027. */
    place: oneOf(PLACES.map(({ id }) => id).sort()),
    /** Where it is and how it is reached, on several lines. */
    address: text(),
    contact: text(),
    /** Under which number it is registered: a made-up one. */
    registration: text(),
    /** The words on screen, on paper and in exports; absent: international. */
    words: oneOf(WORDS),
  },
  'words',
  'cashFlow',
  'basis',
  'otherSide',
  'posts',
  'place',
  'address',
  'contact',
  'registration',
);

export type Company = ValueOf<typeof companyShape>;
