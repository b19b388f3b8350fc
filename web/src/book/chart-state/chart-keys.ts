import { accountOf, nudge, putUnder, sectionIdOf, takeOut, type Book } from '@gleddo/core';
import { useRef, type KeyboardEvent } from 'react';
import type { ChartState } from './chart-state';
import { accountOfRow, accountRow, emptyRow, sectionOfEmptyRow } from './chart-order';

const FORGET_TYPED_AFTER = 900;

const neighbour = (chartState: ChartState, row: string | null, step: number): string | null => {
  const all = [...chartState.order.left, ...chartState.order.right];
  const at = row === null ? -1 : all.indexOf(row);
  return all[Math.max(0, Math.min(all.length - 1, at + step))] ?? null;
};

/** The row of the other page at about the same height. */
function across(chartState: ChartState, row: string | null): string | null {
  const { left, right } = chartState.order;
  const isLeft = left.includes(row ?? '');
  const [from, to] = isLeft ? [left, right] : [right, left];
  const share = Math.max(0, from.indexOf(row ?? '')) / Math.max(1, from.length);
  return to[Math.min(to.length - 1, Math.round(share * to.length))] ?? null;
}

const beginsWith = (book: Book, id: string, typed: string): boolean => {
  const account = accountOf(book, id);
  const text = typed.toLowerCase();
  return [account?.number, account?.name].some((each) => each?.toLowerCase().startsWith(text));
};

function nextMatch(chartState: ChartState, typed: string): string | null {
  const all = [...chartState.order.left, ...chartState.order.right];
  const at = all.indexOf(chartState.selected ?? '');
  const from = typed.length === 1 ? at + 1 : Math.max(0, at);
  const round = [...all.slice(from), ...all.slice(0, from)];
  return (
    round.find((row) => {
      const id = accountOfRow(row);
      return id !== null && beginsWith(chartState.book, id, typed);
    }) ?? null
  );
}

const sectionOf = (chartState: ChartState): string | null => {
  const account = accountOf(chartState.book, accountOfRow(chartState.selected));
  return account ? sectionIdOf(chartState.book, account) : sectionOfEmptyRow(chartState.selected);
};

/** What the keys remember from one press to the next. */
interface Memory {
  typed: { text: string; at: number };
  /** Set by Esc: the next Tab leaves the pages instead of nesting the account. */
  leaving: boolean;
}

function change(chartState: ChartState, result: Parameters<ChartState['perform']>[0]): void {
  const [refusal] = chartState.perform(result);
  if (refusal) chartState.say({ tone: 'refusal', text: refusal.says });
}

/** The row that comes next when an account is gone; null when none is left. */
export function rowAfter(chartState: ChartState, id: string): string | null {
  const row = accountRow(id);
  const after = neighbour(chartState, row, 1);
  const next = after === row ? neighbour(chartState, row, -1) : after;
  return next === row ? null : next;
}

function remove(chartState: ChartState, id: string): void {
  const next = rowAfter(chartState, id);
  const [refusal] = chartState.perform({ kind: 'delete-account', id, children: 'refuse' });
  if (refusal) chartState.say({ tone: 'refusal', text: refusal.says });
  else chartState.select(next, 'closed');
}

function onAccount(
  chartState: ChartState,
  memory: Memory,
  { event, id }: { readonly event: KeyboardEvent; readonly id: string },
): boolean {
  const { book } = chartState;
  if (chartState.list) {
    if (event.key === 'Delete') remove(chartState, id);
    return event.key === 'Delete';
  }
  if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown'))
    change(chartState, nudge(book, id, event.key === 'ArrowUp' ? 'up' : 'down'));
  else if (event.key === 'Tab' && !memory.leaving)
    change(chartState, (event.shiftKey ? takeOut : putUnder)(book, id));
  else if (event.key === 'Delete') remove(chartState, id);
  else return false;
  return true;
}

function walk(chartState: ChartState, event: KeyboardEvent): boolean {
  const to: Record<string, () => string | null> = {
    ArrowDown: () => neighbour(chartState, chartState.selected, 1),
    ArrowUp: () => neighbour(chartState, chartState.selected, -1),
    ArrowRight: () =>
      chartState.list ? chartState.selected : across(chartState, chartState.selected),
    ArrowLeft: () =>
      chartState.list ? chartState.selected : across(chartState, chartState.selected),
    Home: () => chartState.order.left[0] ?? null,
    End: () => chartState.order.right.at(-1) ?? chartState.order.left.at(-1) ?? null,
  };
  const go = event.altKey ? undefined : to[event.key];
  const row = go?.() ?? null;
  const isRun = event.shiftKey && (event.key === 'ArrowDown' || event.key === 'ArrowUp');
  if (go && isRun && row !== null) chartState.takeUpTo(row);
  if (go) chartState.select(row, undefined, isRun);
  return go !== undefined;
}

function jump(chartState: ChartState, memory: Memory, key: string): void {
  const now = Date.now();
  const isFresh = now - memory.typed.at > FORGET_TYPED_AFTER;
  memory.typed = { text: (isFresh ? '' : memory.typed.text) + key, at: now };
  const found = nextMatch(chartState, memory.typed.text);
  if (found) chartState.select(found);
}

/** Folds a parent away, or opens it again; an account that nothing stands under stays as it is. */
function toggleFold(chartState: ChartState, id: string): void {
  if (!chartState.figures.families.has(id)) return;
  const folded = new Set(chartState.folded);
  if (!folded.delete(id)) folded.add(id);
  chartState.fold(folded);
}

function otherwise(chartState: ChartState, memory: Memory, event: KeyboardEvent): boolean {
  const section = sectionOf(chartState);
  const isOnAccount = accountOfRow(chartState.selected) !== null;
  if (event.key === 'Escape') {
    if (chartState.slip === 'closed') memory.leaving = true;
    else chartState.open('closed');
  } else if ((event.key === 'Enter' || event.key === 'F2') && isOnAccount)
    chartState.open('account');
  else if (event.key === ' ' && isOnAccount)
    toggleFold(chartState, accountOfRow(chartState.selected) ?? '');
  else if (event.key === '+' && section !== null && chartState.mayChange && !chartState.list)
    chartState.select(emptyRow(section));
  else if (/^[\p{L}\d]$/u.test(event.key)) jump(chartState, memory, event.key);
  else return false;
  return true;
}

/** Walking, moving, nesting and finding by keys. Typing in a field is left to the field. */
export function useChartKeys(chartState: ChartState): (event: KeyboardEvent) => void {
  const memory = useRef<Memory>({ typed: { text: '', at: 0 }, leaving: false });
  return (event) => {
    if (event.ctrlKey || event.metaKey || event.defaultPrevented) return;
    const target = event.target as HTMLElement;
    if (!target.closest('[data-row], .empty-line') || target instanceof HTMLInputElement) return;
    const id = accountOfRow(chartState.selected);
    if (event.key !== 'Tab' && event.key !== 'Shift') memory.current.leaving = false;
    const done =
      (chartState.mayChange &&
        id !== null &&
        onAccount(chartState, memory.current, { event, id })) ||
      walk(chartState, event) ||
      otherwise(chartState, memory.current, event);
    if (done) event.preventDefault();
  };
}
