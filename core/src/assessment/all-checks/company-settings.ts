import type { Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { SETTINGS, type Setting } from '../../model/exercise-shapes/key-rules.js';
import type { LegalForm } from '../../model/shapes/company.js';
import type { Check } from '../check/check.js';
import { atEach } from '../check/worth.js';
import { saidOn } from '../../model/place/writing.js';

const FORMS: Readonly<Record<LegalForm, string>> = {
  'sole-trader': 'sole trader',
  partnership: 'partnership',
  company: 'company',
  'non-profit': 'non-profit',
};

/** What each setting is called, and how a book has it, in words. */
const TOLD: Readonly<Record<Setting, readonly [name: string, of: (book: Book) => string]>> = {
  legalForm: ['Legal form', ({ company }) => FORMS[company.legalForm]],
  currency: ['Currency', ({ company }) => company.currency],
  firstDay: ['First day of the financial year', (book) => saidOn(book, book.company.firstDay)],
  periods: ['Periods in the year', ({ company }) => String(company.periods)],
  inventory: ['Inventory system', (book) => subledgersOf(book).inventory],
  cashFlow: [
    'Form of the cash flow',
    ({ company }) => (company.cashFlow ? 'as IFRS 18 has it' : 'from the profit for the period'),
  ],
  basis: ['Basis', ({ company }) => (company.basis === 'cash' ? 'cash' : 'accrual')],
};

export const settingName = (setting: Setting): string => TOLD[setting][0];

type Found = { readonly setting: string; readonly found: string; readonly wanted: string };

export const companySettings: Check<'company.settings', Found> = {
  id: 'company.settings',
  title: 'Settings of the company',
  fault: 'Company set up otherwise',
  compares: 'Each setting that is asked for is as the key’s company has it.',
  looksAt: { company: SETTINGS },
  needs: 'company',
  points: atEach(1),
  run: ({ key, work }) =>
    SETTINGS.filter((setting) => key.settings.includes(setting)).map((setting) => {
      const [name, of] = TOLD[setting];
      const [found, wanted] = [of(work), of(key.book)];
      return {
        subject: { kind: 'setting', id: setting },
        outcome: found === wanted ? 'met' : 'not-met',
        facts: () => ({ setting: name, found, wanted }),
      };
    }),
  says: ({ setting, found, wanted }, outcome) =>
    outcome === 'met'
      ? `${setting}: ${wanted}.`
      : {
          there: `${setting} is ${found} in this work.`,
          belongs: `It is ${wanted}.`,
          now: 'Change it on the page of the company.',
        },
};
