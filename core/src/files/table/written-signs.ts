import type { Amount } from '../../model/money/amount.js';
import type { Result } from '../../model/refusal/refusal.js';
import type { WrittenBalance } from './raw-rows.js';

/** How the amounts of one balance of a table are written, told from all its rows. */
export interface WrittenSigns {
  /** Credits are written as amounts below zero in a column of their own. */
  readonly creditsNegative: boolean;
  /** Amounts with a side behind or beside them carry a sign, too, which says the same. */
  readonly sidesRepeatSign: boolean;
  /** One column of amounts of which no side is said: its signs have still to be settled. */
  readonly isSigned: boolean;
}

export function writtenSigns(balances: readonly Result<WrittenBalance>[]): WrittenSigns {
  const all = balances.flatMap((each) => (each.ok ? [each.value] : []));
  const credits = all.flatMap(({ credit }) => (credit === null || credit === 0 ? [] : [credit]));
  const apart = (negative: 1 | -1) =>
    all.reduce((sum, { debit, credit }) => sum + (debit ?? 0) - negative * (credit ?? 0), 0);
  const allNegative = credits.length > 0 && credits.every((credit) => credit < 0);
  const either = all.flatMap((each) =>
    each.either && each.either.amount !== 0 ? [each.either] : [],
  );
  const sided = either.filter(({ side }) => side !== null);
  return {
    creditsNegative: allNegative && !(apart(1) === 0 && apart(-1) !== 0),
    sidesRepeatSign:
      sided.some(({ amount }) => amount < 0) &&
      sided.every(({ amount, side }) => amount > 0 === (side === 'debit')),
    isSigned: either.length > 0 && sided.length * 2 < either.length,
  };
}

/** A balance, debit positive; or, where signs have still to be settled, as it is written. Null: nothing stands there. */
export function balanceOf(written: WrittenBalance, signs: WrittenSigns): Amount | null {
  const { debit, credit, either } = written;
  if (debit !== null || credit !== null)
    return (debit ?? 0) - (signs.creditsNegative ? -(credit ?? 0) : (credit ?? 0));
  if (either === null) return null;
  if (signs.isSigned || either.side === null) return either.amount;
  const amount = signs.sidesRepeatSign ? Math.abs(either.amount) : either.amount;
  return either.side === 'credit' ? -amount || 0 : amount;
}
