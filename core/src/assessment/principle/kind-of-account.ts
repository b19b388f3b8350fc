import type { Account } from '../../model/book/book.js';
import { sectionOfType, typeOf, type ClassId, type Scheme } from '../../model/scheme/scheme.js';

/** What of an account tells what an entry did: its type, where that stands, and whether it lowers another. */
export interface KindOfAccount {
  readonly type: string;
  readonly section: string;
  readonly class: ClassId | null;
  readonly contra: boolean;
}

const NOWHERE: KindOfAccount = { type: '', section: '', class: null, contra: false };

export function kindOfAccount(scheme: Scheme, { type }: Pick<Account, 'type'>): KindOfAccount {
  const known = typeOf(scheme, type);
  const section = sectionOfType(scheme, type);
  if (!known || !section) return NOWHERE;
  return { type: known.id, section: section.id, class: section.class, contra: known.contra };
}

export type IsKind = (kind: KindOfAccount) => boolean;

export const ofType =
  (...types: readonly string[]): IsKind =>
  ({ type }) =>
    types.includes(type);

const ofSection =
  (...sections: readonly string[]): IsKind =>
  ({ section }) =>
    sections.includes(section);

export const isMoney = ofType('bank', 'cash-in-hand', 'bank-overdraft', 'card-payable');
export const isExpense: IsKind = (kind) => kind.class === 'expense';
export const isIncome: IsKind = (kind) => kind.class === 'income';
/** What is bought to be used for years. */
export const isFixed: IsKind = (kind) =>
  kind.section === 'non-current-assets' && !kind.contra && kind.type !== 'long-term-investment';
export const isRevenue = ofSection('revenue');
export const isOtherIncome = ofSection('other-income');
export const isLoan = ofType(
  ...['long-term-loan', 'loan-within-year', 'lease', 'lease-within-year', 'note-payable'],
);
export const isInterest = ofType('interest-paid');
export const isPutIn = ofType('owner-capital', 'share-capital', 'share-premium', 'partner-current');
export const isAccumulated = ofType('accumulated-depreciation', 'accumulated-amortisation');
export const isCharge = ofType('depreciation-charge', 'amortisation-charge');
export const isAccrued = ofType(
  ...['accrued-expense', 'wages-payable', 'income-tax-payable', 'dividends-payable'],
);
export const isPurchase = ofType('purchases', 'inventory');
export const isGain = ofType('gain-on-disposal', 'loss-on-disposal');
export const isCostOfSale = ofType('cost-of-goods-sold');
