import type { ClassId, Section } from './scheme.js';

/** What stands in a section, for somebody who does not know. */
const SECTIONS: Readonly<Record<string, string>> = {
  'current-assets': 'money, and what will become money or be used up within twelve months',
  'non-current-assets': 'what serves the business, or is kept, for longer than twelve months',
  'current-liabilities': 'what has to be paid or delivered within twelve months',
  'non-current-liabilities': 'what has to be paid, but not within the next twelve months',
  equity: 'the owners’ share: what they put in, and profits that were left in',
  revenue: 'what is earned by what the business usually sells',
  'cost-of-sales': 'what the goods or the work cost that were sold',
  'operating-expenses': 'what running the business uses up, whatever is sold',
  'other-income': 'what is earned otherwise than by what the business usually sells',
  'other-expenses': 'costs beside running the business: interest, losses on things sold',
  'income-tax': 'the tax on the profit',
};

const CLASSES: Readonly<Record<ClassId, string>> = {
  asset: 'what the business has',
  liability: 'what the business owes',
  equity: 'what belongs to the owners',
  income: 'what was earned',
  expense: 'what was used up',
};

/** What stands in a section; of a section that an instructor made, what its class is. */
export const sectionSays = ({ id, class: of }: Section): string => SECTIONS[id] ?? CLASSES[of];
