import { addedUp } from '../key/entry-view.js';
import type { EntryPair } from '../key/pair-entries.js';
import { balancesOf, upTo } from '../../accounting/ledger/balances.js';
import type { Amount } from '../../model/money/amount.js';
import { sectionOfType, statementOfClass, typeOf } from '../../model/scheme/scheme.js';
import type { Marking } from './marking.js';

const after = new WeakMap<Marking, Map<string, ReadonlyMap<string, Amount>>>();

/** The work's balances at the end of a day: asked for each of its closing entries. */
function balancesAt(marking: Marking, day: string): ReadonlyMap<string, Amount> {
  const days = after.get(marking) ?? new Map<string, ReadonlyMap<string, Amount>>();
  after.set(marking, days);
  const found = days.get(day) ?? balancesOf(marking.work, upTo(day));
  days.set(day, found);
  return found;
}

/** The work's accounts behind a unit of entries. */
function accountsOf(marking: Marking, pairIndex: number) {
  if (pairIndex < 0) return marking.work.accounts.slice(-1 - pairIndex, -pairIndex);
  const key = marking.key.book.accounts[pairIndex];
  return (key && marking.pairOf(key.id)?.works) ?? [];
}

/**
 * Whether a closing entry differs only because what it closes stood otherwise: it closes what there was, down to zero,
 * into equity. That it stood otherwise was marked where it came about.
 */
export function closesWhatStood(
  marking: Marking,
  { keys, works }: EntryPair,
  differing: ReadonlyMap<number, Amount>,
): boolean {
  const all = [...keys, ...works].map(({ entry }) => entry);
  if (works.length === 0 || !all.every(({ kind }) => kind === 'closing')) return false;
  const day =
    works
      .map(({ entry }) => entry.date)
      .sort()
      .at(-1) ?? '';
  const balances = balancesAt(marking, day);
  const closed = addedUp(works);
  return [...differing.keys()].every((pairIndex) => {
    const accounts = accountsOf(marking, pairIndex);
    const stands = accounts.reduce((sum, { id }) => sum + (balances.get(id) ?? 0), 0);
    if (stands === 0) return true;
    const types = accounts.map(({ type }) => typeOf(marking.work.scheme, type));
    const takesProfit = types.every((type) => {
      const section = sectionOfType(marking.work.scheme, type?.id ?? null);
      return section?.class === 'equity' && statementOfClass(section.class) === 'balance-sheet';
    });
    return accounts.length > 0 && takesProfit && closed.has(pairIndex);
  });
}
