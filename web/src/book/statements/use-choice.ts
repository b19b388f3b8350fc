import {
  accountOf,
  ENTRY_KINDS,
  isDay,
  LEVELS,
  periodLike,
  shownPeriod,
  type Book,
  subledgersOf,
  type LedgerWanted,
  type Level,
  type Period,
} from '@gleddo/core';
import { useSearchParams } from 'react-router';

const SHOWN = [
  'spread',
  'time',
  'trial',
  'worksheet',
  'ledger',
  'equity',
  'cash',
  'cost',
  'basis',
] as const;
type Shown = (typeof SHOWN)[number];

export interface Choice {
  readonly shown: Shown;
  readonly period: Period;
  readonly level: Level;
  /** How the cash flow is told. */
  readonly method: 'indirect' | 'direct';
  /** The period beside which it is shown; null: none. */
  readonly against: Period | null;
  /** Whether the budget stands beside it. */
  readonly budget: boolean;
  /** Whether accounts at zero are shown. */
  readonly zeros: boolean;
  /** After how much of what happened the statements are shown; null: after all of it. */
  readonly step: number | null;
  /** What of the ledger is looked at. */
  readonly ledger: LedgerWanted;
  /** The account whose lines lie over the page. */
  readonly account: string | null;
  set(changed: Readonly<Record<string, string | null>>): void;
}

/** What stands in the place of another day. */
export const BUDGET = 'budget';

const stepFrom = (text: string | null): number | null =>
  text !== null && /^\d{1,5}$/.test(text) ? Number(text) : null;

const ledgerIn = (book: Book, params: URLSearchParams): LedgerWanted => ({
  account: accountOf(book, params.get('of'))?.id ?? null,
  party: subledgersOf(book).parties.find(({ id }) => id === params.get('party'))?.id ?? null,
  kind: ENTRY_KINDS.find((each) => each === params.get('kind')) ?? null,
});

/** What is looked at stands in the address, so that it can be gone back to and passed on. */
export function useChoice(book: Book): Choice {
  const [params, setParams] = useSearchParams();
  const usual = shownPeriod(book);
  const day = (name: string, otherwise: string) => {
    const text = params.get(name) ?? '';
    return isDay(text) ? text : otherwise;
  };
  const period = { from: day('from', usual.from), to: day('to', usual.to) };
  const other = params.get('against') ?? '';
  return {
    shown: SHOWN.find((each) => each === params.get('show')) ?? 'spread',
    period,
    budget: other === BUDGET,
    zeros: params.get('zeros') !== 'no',
    against: isDay(other) ? periodLike(period, other) : null,
    level: LEVELS.find((each) => each === params.get('level')) ?? 'account',
    method: params.get('method') === 'direct' ? 'direct' : 'indirect',
    step: stepFrom(params.get('step')),
    ledger: ledgerIn(book, params),
    account: params.get('account'),
    set(changed) {
      const next = new URLSearchParams(params);
      for (const [name, value] of Object.entries(changed))
        if (value === null) next.delete(name);
        else next.set(name, value);
      setParams(next, { replace: 'account' in changed || 'step' in changed });
    },
  };
}
