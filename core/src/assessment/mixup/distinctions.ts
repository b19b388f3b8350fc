import { sectionOfType, statementOfClass, typeOf, type Scheme } from '../../model/scheme/scheme.js';
import { isOneSide, mixUpOf } from './mixup-of.js';
import { MIX_UPS } from './mixups.js';

/** Something that is told apart, or is not: what several mix-ups have in common. */
interface DistinctionFacts {
  readonly name: string;
  /** What is asked to tell the two apart. */
  readonly asks: string;
  readonly mixUps: readonly string[];
}

const LIST = {
  'received-or-earned': {
    name: 'Received or earned',
    asks: 'Money that came in for something not yet given is owed until the day it is given. Has it been given?',
    mixUps: [
      'deferred-income-or-revenue',
      'accrued-or-deferred-income',
      'deposit-or-deferred-income',
      'receivable-or-revenue',
    ],
  },
  'ahead-or-used': {
    name: 'Paid ahead or used up',
    asks: 'What is unused at the date is an asset; only the used part is an expense. Is it used up?',
    mixUps: ['prepayment-or-expense', 'accrual-or-prepayment'],
  },
  'used-or-owed': {
    name: 'Used or still owed',
    asks: 'The expense is what was used in the period; the debt is what of it is still to be paid. Is it asked for the cost, or for the debt?',
    mixUps: ['accrual-or-expense', 'payable-or-expense', 'tax-charge-or-payable'],
  },
  contra: {
    name: 'Contra',
    asks: 'It lowers another account and stands beside it, on the other side; nobody is owed it. What does it lower?',
    mixUps: [
      'accumulated-or-asset',
      'accumulated-or-saved',
      'accumulated-or-debt',
      'allowance-or-provision',
    ],
  },
  'all-years-or-this': {
    name: 'All years or this one',
    asks: 'What gathers over the years stands on the balance sheet; what belongs to this year alone is an expense. Which of the two is it?',
    mixUps: ['accumulated-or-charge', 'allowance-or-bad-debts'],
  },
  'owner-or-business': {
    name: 'Owner or business',
    asks: 'What owners put in or take out is neither earned nor a cost. Whose benefit is it?',
    mixUps: [
      'drawings-or-wages',
      'drawings-or-expense',
      'dividends-or-expense',
      'capital-or-income',
    ],
  },
  'borrowed-or-earned': {
    name: 'Borrowed or earned',
    asks: 'What must go back was never earned, and giving it back costs nothing. Must it go back?',
    mixUps: ['loan-or-income', 'repayment-or-expense'],
  },
  'current-or-not': {
    name: 'Current or not',
    asks: 'Within twelve months, or later: when does it fall due, or when is it used up?',
    mixUps: ['current-or-long-term'],
  },
  'cost-or-asset': {
    name: 'Asset or expense',
    asks: 'What serves for years is an asset, whatever it cost; what keeps it going is an expense. How long does it serve?',
    mixUps: ['repair-or-improvement', 'equipment-or-expense'],
  },
  'sell-or-use': {
    name: 'To sell or to use',
    asks: 'What waits to be sold is inventory; what serves the business is not. Would you sell it, or use it?',
    mixUps: [
      'inventory-or-supplies',
      'inventory-or-equipment',
      'inventory-or-cost-of-sales',
      'purchases-or-inventory',
    ],
  },
  'cost-of-sales-or-operating': {
    name: 'Cost of sales or operating',
    asks: 'Would this cost exist without this sale?',
    mixUps: ['carriage-in-or-out', 'cost-of-sales-or-operating'],
  },
  'tax-of-whom': {
    name: 'Whose tax',
    asks: 'Tax collected from customers is passed on; tax on the profit is one’s own. Who bears it?',
    mixUps: ['sales-tax-or-revenue', 'sales-tax-or-income-tax'],
  },
  'sale-or-other': {
    name: 'From a sale or not',
    asks: 'Did it arise from what the business usually sells?',
    mixUps: [
      'trade-or-other-receivable',
      'gain-or-sales',
      'returns-given-or-taken',
      'returns-or-expense',
    ],
  },
  statement: {
    name: 'Which statement',
    asks: 'What stands at a day is on the balance sheet; what happened in a period is in profit and loss. Does it stand, or did it happen?',
    mixUps: [],
  },
  class: {
    name: 'Which class',
    asks: 'Is it owned, owed, the owners’, earned or used up?',
    mixUps: [],
  },
  section: {
    name: 'Which section',
    asks: 'The class is right; under which of its headings does it stand?',
    mixUps: [],
  },
} as const satisfies Readonly<Record<string, DistinctionFacts>>;

export type Distinction = keyof typeof LIST;

/** The distinctions, in the order in which lists show them, with what is asked to tell two things apart. */
export const DISTINCTIONS: Readonly<Record<Distinction, DistinctionFacts>> = LIST;

export const DISTINCTION_IDS = Object.keys(LIST) as Distinction[];

const byMixUp = new Map<string, Distinction>(
  DISTINCTION_IDS.flatMap((id) => DISTINCTIONS[id].mixUps.map((mixUp) => [mixUp, id] as const)),
);

/** What was not told apart where an account of one type was put under another; null: nothing was mixed up. */
export function distinctionOf(
  scheme: Scheme,
  right: string | null,
  taken: string | null,
): Distinction | null {
  if (right === null || taken === null || right === taken) return null;
  const known = mixUpOf(scheme, right, taken);
  const found = known ? byMixUp.get(known.id) : undefined;
  if (found) return found;
  const [a, b] = [sectionOfType(scheme, right), sectionOfType(scheme, taken)];
  if (!a || !b || a.id === b.id) return null;
  if (statementOfClass(a.class) !== statementOfClass(b.class)) return 'statement';
  if (a.class !== b.class) return 'class';
  return a.class === 'asset' || a.class === 'liability' ? 'current-or-not' : 'section';
}

const asked = new WeakMap<Scheme, Map<string, readonly Distinction[]>>();

/** The distinctions that an account of a type asks for: those of the mix-ups in which it can be taken for another. */
export function distinctionsOfType(scheme: Scheme, type: string): readonly Distinction[] {
  const ofScheme = asked.get(scheme) ?? new Map<string, readonly Distinction[]>();
  asked.set(scheme, ofScheme);
  const known = ofScheme.get(type);
  if (known) return known;
  const found = typeOf(scheme, type)
    ? MIX_UPS.filter((mixUp) => isOneSide(scheme, mixUp, type)).flatMap(
        ({ id }) => byMixUp.get(id) ?? [],
      )
    : [];
  const each: Distinction[] = [...new Set(found)];
  ofScheme.set(type, each);
  return each;
}
