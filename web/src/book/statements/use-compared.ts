import {
  budgetFigures,
  looksWrong,
  rowsOf,
  spreadFigures,
  type Book,
  type LooksWrong,
  type SpreadFigures,
} from '@gleddo/core';
import { useMemo, type ReactNode } from 'react';
import type { Money } from '../../platform/figures/money';
import type { Choice } from './use-choice';

export interface StatementSpreadProps {
  readonly book: Book;
  readonly choice: Choice;
  readonly money: Money;
  readonly over: ReactNode;
}

/** What both pages are made from: the figures, and those that are compared with them. */
export interface Compared extends Omit<StatementSpreadProps, 'over'> {
  readonly now: SpreadFigures;
  /** Null while nothing is compared. */
  readonly then: SpreadFigures | null;
  /** The figures before the last thing happened: where they moved, it is said; null: nothing is. */
  readonly was: SpreadFigures | null;
  /** What looks wrong and is right, by the account in whose place it is told. */
  readonly apparent: ReadonlyMap<string, readonly LooksWrong[]>;
  /** How deep each account stands under its parents. */
  readonly depths: ReadonlyMap<string, number>;
  /** The account whose figure Tab comes to. */
  readonly firstId: string | null;
}

export function useCompared({ book, choice, money }: StatementSpreadProps): Compared {
  const { period, level, against } = choice;
  const { from, to } = period;
  const now = useMemo(() => spreadFigures(book, { from, to }, level), [book, from, to, level]);
  const then = useMemo(() => {
    if (choice.budget) return budgetFigures(book, { from, to }, level);
    return against ? spreadFigures(book, against, level) : null;
  }, [book, against, level, choice.budget, from, to]);
  const apparent = useMemo(() => byAccount(looksWrong(book, to)), [book, to]);
  return { book, choice, money, now, then, was: null, apparent, ...useDepths(book) };
}

/** How deep accounts stand, and which is the first. */
export function useDepths(book: Book): Pick<Compared, 'depths' | 'firstId'> {
  const rows = useMemo(() => rowsOf(book), [book]);
  const depths = useMemo(() => new Map(rows.map((row) => [row.account.id, row.depth])), [rows]);
  return { depths, firstId: rows[0]?.account.id ?? null };
}

/** What is told, by the account in whose place. */
export function byAccount(all: readonly LooksWrong[]): Compared['apparent'] {
  const described = new Map<string, LooksWrong[]>();
  for (const each of all)
    described.set(each.account, [...(described.get(each.account) ?? []), each]);
  return described;
}
