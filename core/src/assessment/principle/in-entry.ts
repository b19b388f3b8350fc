import type { Amount } from '../../model/money/amount.js';
import {
  isAccumulated,
  isCostOfSale,
  isFixed,
  isGain,
  isMoney,
  isRevenue,
  type IsKind,
  type KindOfAccount,
} from './kind-of-account.js';
import { principleOfMove } from './moved-to.js';
import type { PrincipleId } from './principles.js';

/** An entry as it is recorded beside the key’s: sums by account, debits above zero, and what each account is. */
export interface BesideKey {
  readonly wanted: ReadonlyMap<number, Amount>;
  readonly found: ReadonlyMap<number, Amount>;
  kindOf(account: number): KindOfAccount;
}

type Sums = ReadonlyMap<number, Amount>;

const each = (sums: Sums, holds: (account: number, amount: Amount) => boolean): boolean =>
  [...sums].every(([account, amount]) => holds(account, amount));

const isScaled = ({ wanted, found }: BesideKey, by: (amount: Amount) => Amount): boolean =>
  wanted.size === found.size &&
  each(wanted, (account, amount) => found.get(account) === by(amount));

const digitsOf = (amount: Amount): string => [...String(Math.abs(amount))].sort().join('');

/** Whether amounts stand on the right accounts and sides, and each that differs has the same digits in another order. */
function isTransposed({ wanted, found }: BesideKey): boolean {
  if (wanted.size !== found.size) return false;
  return each(wanted, (account, amount) => {
    const other = found.get(account) ?? 0;
    if (other === amount) return true;
    return Math.sign(other) === Math.sign(amount) && digitsOf(other) === digitsOf(amount);
  });
}

function slipOf(beside: BesideKey): PrincipleId | null {
  if (isScaled(beside, (amount) => -amount)) return 'turned-round';
  if (isScaled(beside, (amount) => amount * 10)) return 'nought-too-many';
  if (isScaled(beside, (amount) => amount / 10)) return 'nought-too-few';
  return isTransposed(beside) ? 'digits-exchanged' : null;
}

/** What is more, or less, on each account than the key has. */
function differencesOf({ wanted, found }: BesideKey): Sums {
  const all = new Set([...wanted.keys(), ...found.keys()]);
  const differing = [...all].map(
    (account) => [account, (found.get(account) ?? 0) - (wanted.get(account) ?? 0)] as const,
  );
  return new Map(differing.filter(([, amount]) => amount !== 0));
}

/** Whether some account of a kind is credited. */
const credits = (beside: BesideKey, sums: Sums, is: IsKind): boolean =>
  [...sums].some(([account, amount]) => amount < 0 && is(beside.kindOf(account)));

/** An asset leaves the books in the key, and does not in the work, where its price is income. */
function disposalOf(beside: BesideKey): PrincipleId | null {
  const { wanted, found } = beside;
  const leaves = credits(beside, wanted, isFixed) && !credits(beside, wanted, isAccumulated);
  if (!leaves || credits(beside, found, isFixed)) return null;
  if (credits(beside, found, isRevenue)) return 'asset-sale-as-revenue';
  return credits(beside, found, isGain) ? 'proceeds-as-gain' : null;
}

/** What was put on one account and belongs on another, the rest being right. */
function moveOf(beside: BesideKey, differing: Sums): PrincipleId | null {
  const [one, other, ...more] = [...differing];
  if (!one || !other || more.length > 0 || one[1] !== -other[1]) return null;
  const { wanted } = beside;
  const isFirst = Math.sign(wanted.get(one[0]) ?? 0) === -Math.sign(one[1]);
  const [right, taken] = isFirst ? [one, other] : [other, one];
  if (Math.sign(wanted.get(right[0]) ?? 0) !== -Math.sign(right[1])) return null;
  const side = right[1] < 0 ? 'debit' : 'credit';
  return principleOfMove({
    ...{ right: beside.kindOf(right[0]), taken: beside.kindOf(taken[0]), side },
  });
}

/** The whole of it is right but for what the goods that left had cost. */
function isCostForgotten(beside: BesideKey, differing: Sums): boolean {
  const missing = [...differing].filter(([account]) => !beside.found.has(account));
  return (
    missing.length === differing.size &&
    missing.some(([account]) => isCostOfSale(beside.kindOf(account)))
  );
}

/** One of several things paid or owed for together is missing, and what is paid or owed is less by it. */
function isHalf(beside: BesideKey, differing: Sums): boolean {
  const { wanted, found } = beside;
  const [one, other, ...more] = [...differing];
  if (!one || !other || more.length > 0) return false;
  const [gone, less] = found.has(one[0]) ? [other, one] : [one, other];
  const isGone = !found.has(gone[0]) && (wanted.get(gone[0]) ?? 0) === -gone[1];
  const total = wanted.get(less[0]) ?? 0;
  const isLess = Math.sign(total) === -Math.sign(less[1]) && found.has(less[0]);
  const parts = [...wanted.values()].filter((amount) => Math.sign(amount) === -Math.sign(total));
  return isGone && isLess && parts.length > 1 && !isMoney(beside.kindOf(gone[0]));
}

/** What was misunderstood in an entry that is not as the key’s; null: nothing that has a name. */
export function principleInEntry(beside: BesideKey): PrincipleId | null {
  const slip = slipOf(beside) ?? disposalOf(beside);
  if (slip) return slip;
  const differing = differencesOf(beside);
  const move = moveOf(beside, differing);
  if (move) return move;
  if (isCostForgotten(beside, differing)) return 'cost-of-sale-forgotten';
  return isHalf(beside, differing) ? 'half-of-bill' : null;
}
