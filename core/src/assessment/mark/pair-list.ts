import type { Account, Book } from '../../model/book/book.js';
import { accountOf } from '../../model/book/book.js';
import type { HandPair } from '../key/recognise.js';
import { balancesOf, upTo } from '../../accounting/ledger/balances.js';
import { sum, type Amount } from '../../model/money/amount.js';
import type { KeptPair } from './kept-result.js';

/** How sure it is who an account is, in words. */
export type Sureness = 'by hand' | 'certain' | 'likely' | 'doubtful' | 'none';

/** One of the work's accounts, whom it was taken for, and why. */
export interface PairLine {
  readonly work: Account;
  /** The key's accounts that it stands for; none: it is too many. */
  readonly keys: readonly Account[];
  /** What stands on it, and on those of the key; debit positive. */
  readonly theirs: Amount;
  readonly wanted: Amount;
  /** How many accounts of the work stand for the same together. */
  readonly together: number;
  readonly sureness: Sureness;
  readonly reasons: readonly string[];
}

const CERTAIN = 0.65;
const LIKELY = 0.45;

const surenessOf = ({ confidence }: KeptPair): Sureness =>
  confidence >= CERTAIN ? 'certain' : confidence >= LIKELY ? 'likely' : 'doubtful';

const ORDER: readonly Sureness[] = ['none', 'doubtful', 'likely', 'by hand', 'certain'];

interface Compared {
  readonly key: Book;
  readonly work: Book;
  readonly pairs: readonly KeptPair[];
  readonly byHand: readonly HandPair[];
  /** The day at whose end balances are shown. */
  readonly at: string;
}

/** All accounts of a work with whom they were taken for: the least sure first. */
export function pairLines({ key, work, pairs, byHand, at }: Compared): PairLine[] {
  const ofWork = balancesOf(work, upTo(at));
  const ofKey = balancesOf(key, upTo(at));
  const lines = work.accounts.map((account): PairLine => {
    const pair = pairs.find(({ works }) => works.includes(account.id));
    const keys = (pair?.keys ?? []).flatMap((id) => accountOf(key, id) ?? []);
    const isByHand = byHand.some((each) => each.work === account.id);
    return {
      work: account,
      keys,
      theirs: ofWork.get(account.id) ?? 0,
      wanted: sum(keys.map(({ id }) => ofKey.get(id) ?? 0)),
      together: pair?.works.length ?? 0,
      sureness: isByHand ? 'by hand' : pair ? surenessOf(pair) : 'none',
      reasons: pair?.reasons ?? [],
    };
  });
  return lines.sort((a, b) => ORDER.indexOf(a.sureness) - ORDER.indexOf(b.sureness));
}

/** The accounts of the key that nothing stands for. */
export function missingIn(key: Book, pairs: readonly KeptPair[]): Account[] {
  const found = new Set(pairs.flatMap(({ keys }) => keys));
  return key.accounts.filter(({ id }) => !found.has(id));
}

/**
 * What is said by hand once an account of the work is to stand for these of the key (none: for nothing). Others that
 * stand for one of these already do so together with it.
 */
export function pairedByHand(
  byHand: readonly HandPair[],
  pairs: readonly KeptPair[],
  { work, keys }: { readonly work: string; readonly keys: readonly string[] },
): HandPair[] {
  const others = byHand.filter((each) => each.work !== work);
  if (keys.length === 0) return [...others, { key: null, work }];
  const together = pairs
    .filter((pair) => pair.keys.some((id) => keys.includes(id)))
    .flatMap((pair) =>
      pair.works.flatMap((each) =>
        pair.keys.filter((id) => keys.includes(id)).map((id) => ({ key: id, work: each })),
      ),
    )
    .filter((each) => each.work !== work && !others.some((known) => known.work === each.work));
  return [...others, ...together, ...keys.map((key) => ({ key, work }))];
}
