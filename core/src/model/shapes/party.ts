import { id } from './account.js';
import { quantity } from './quantity.js';
import { record } from '../shape/record.js';
import { amount, oneOf, orNull, text, usually, whole, type ValueOf } from '../shape/shape.js';

const PARTY_KINDS = ['customer', 'supplier'] as const;
export type PartyKind = (typeof PARTY_KINDS)[number];

/** When a debt is due, and what is taken off for paying early. */
const termsShape = record({
  /** Percent taken off, in thousandths of a percent; 0: none. */
  discount: usually(quantity, 0),
  /** Days within which the discount may be taken. */
  discountDays: usually(whole(0, 999), 0),
  netDays: usually(whole(0, 999), 30),
});

export type Terms = ValueOf<typeof termsShape>;

/** A customer or supplier. */
export const partyShape = record(
  {
    id,
    kind: oneOf(PARTY_KINDS),
    name: text(120),
    terms: termsShape,
    /** The account on which its invoices without items usually go; null when there is none. */
    account: orNull(id),
    /** On which account its debts stand where that is not the one of all: payables for equipment; absent: the usual one. */
    control: id,
    /** What a customer owes, or a supplier is owed, when the books begin: minor units; below zero the other way. */
    opening: usually(amount, 0),
  },
  'terms',
  'control',
);

export type Party = ValueOf<typeof partyShape>;

/** Thirty days, nothing off. */
export const USUAL_TERMS: Terms = { discount: 0, discountDays: 0, netDays: 30 };
