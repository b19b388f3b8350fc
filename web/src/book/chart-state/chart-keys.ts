import { accountOf, nudge, putUnder, sectionIdOf, takeOut, type Book } from '@gleddo/core';
import { useRef, type KeyboardEvent } from 'react';
import type { ChartDesk } from './chart-desk';
import { accountOfRow, accountRow, emptyRow, sectionOfEmptyRow } from './chart-order';

const FORGET_TYPED_AFTER = 900;

const neighbour = (desk: ChartDesk, row: string | null, step: number): string | null => {
  const all = [...desk.order.left, ...desk.order.right];
  const at = row === null ? -1 : all.indexOf(row);
  return all[Math.max(0, Math.min(all.length - 1, at + step))] ?? null;
};

/** The row of the other page at about the same height. */
function across(desk: ChartDesk, row: string | null): string | null {
  const { left, right } = desk.order;
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

function nextMatch(desk: ChartDesk, typed: string): string | null {
  const all = [...desk.order.left, ...desk.order.right];
  const at = all.indexOf(desk.selected ?? '');
  const from = typed.length === 1 ? at + 1 : Math.max(0, at);
  const round = [...all.slice(from), ...all.slice(0, from)];
  return (
    round.find((row) => {
      const id = accountOfRow(row);
      return id !== null && beginsWith(desk.book, id, typed);
    }) ?? null
  );
}

const sectionOf = (desk: ChartDesk): string | null => {
  const account = accountOf(desk.book, accountOfRow(desk.selected));
  return account ? sectionIdOf(desk.book, account) : sectionOfEmptyRow(desk.selected);
};

/** What the keys remember from one press to the next. */
interface Memory {
  typed: { text: string; at: number };
  /** Set by Esc: the next Tab leaves the pages instead of nesting the account. */
  leaving: boolean;
}

function change(desk: ChartDesk, result: Parameters<ChartDesk['perform']>[0]): void {
  const [refusal] = desk.perform(result);
  if (refusal) desk.say({ tone: 'refusal', text: refusal.says });
}

/** The row that comes next when an account is gone; null when none is left. */
export function rowAfter(desk: ChartDesk, id: string): string | null {
  const row = accountRow(id);
  const after = neighbour(desk, row, 1);
  const next = after === row ? neighbour(desk, row, -1) : after;
  return next === row ? null : next;
}

function remove(desk: ChartDesk, id: string): void {
  const next = rowAfter(desk, id);
  const [refusal] = desk.perform({ kind: 'delete-account', id, children: 'refuse' });
  if (refusal) desk.say({ tone: 'refusal', text: refusal.says });
  else desk.select(next, 'closed');
}

function onAccount(
  desk: ChartDesk,
  memory: Memory,
  { event, id }: { readonly event: KeyboardEvent; readonly id: string },
): boolean {
  const { book } = desk;
  if (desk.list) {
    if (event.key === 'Delete') remove(desk, id);
    return event.key === 'Delete';
  }
  if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown'))
    change(desk, nudge(book, id, event.key === 'ArrowUp' ? 'up' : 'down'));
  else if (event.key === 'Tab' && !memory.leaving)
    change(desk, (event.shiftKey ? takeOut : putUnder)(book, id));
  else if (event.key === 'Delete') remove(desk, id);
  else return false;
  return true;
}

function walk(desk: ChartDesk, event: KeyboardEvent): boolean {
  const to: Record<string, () => string | null> = {
    ArrowDown: () => neighbour(desk, desk.selected, 1),
    ArrowUp: () => neighbour(desk, desk.selected, -1),
    ArrowRight: () => (desk.list ? desk.selected : across(desk, desk.selected)),
    ArrowLeft: () => (desk.list ? desk.selected : across(desk, desk.selected)),
    Home: () => desk.order.left[0] ?? null,
    End: () => desk.order.right.at(-1) ?? desk.order.left.at(-1) ?? null,
  };
  const go = event.altKey ? undefined : to[event.key];
  const row = go?.() ?? null;
  const isRun = event.shiftKey && (event.key === 'ArrowDown' || event.key === 'ArrowUp');
  if (go && isRun && row !== null) desk.takeUpTo(row);
  if (go) desk.select(row, undefined, isRun);
  return go !== undefined;
}

function jump(desk: ChartDesk, memory: Memory, key: string): void {
  const now = Date.now();
  const isFresh = now - memory.typed.at > FORGET_TYPED_AFTER;
  memory.typed = { text: (isFresh ? '' : memory.typed.text) + key, at: now };
  const found = nextMatch(desk, memory.typed.text);
  if (found) desk.select(found);
}

/** Folds a parent away, or opens it again; an account that nothing stands under stays as it is. */
function toggleFold(desk: ChartDesk, id: string): void {
  if (!desk.figures.families.has(id)) return;
  const folded = new Set(desk.folded);
  if (!folded.delete(id)) folded.add(id);
  desk.fold(folded);
}

function otherwise(desk: ChartDesk, memory: Memory, event: KeyboardEvent): boolean {
  const section = sectionOf(desk);
  const isOnAccount = accountOfRow(desk.selected) !== null;
  if (event.key === 'Escape') {
    if (desk.slip === 'closed') memory.leaving = true;
    else desk.open('closed');
  } else if ((event.key === 'Enter' || event.key === 'F2') && isOnAccount) desk.open('account');
  else if (event.key === ' ' && isOnAccount) toggleFold(desk, accountOfRow(desk.selected) ?? '');
  else if (event.key === '+' && section !== null && desk.mayChange && !desk.list)
    desk.select(emptyRow(section));
  else if (/^[\p{L}\d]$/u.test(event.key)) jump(desk, memory, event.key);
  else return false;
  return true;
}

/** Walking, moving, nesting and finding by keys. Typing in a field is left to the field. */
export function useChartKeys(desk: ChartDesk): (event: KeyboardEvent) => void {
  const memory = useRef<Memory>({ typed: { text: '', at: 0 }, leaving: false });
  return (event) => {
    if (event.ctrlKey || event.metaKey || event.defaultPrevented) return;
    const target = event.target as HTMLElement;
    if (!target.closest('[data-row], .empty-line') || target instanceof HTMLInputElement) return;
    const id = accountOfRow(desk.selected);
    if (event.key !== 'Tab' && event.key !== 'Shift') memory.current.leaving = false;
    const done =
      (desk.mayChange && id !== null && onAccount(desk, memory.current, { event, id })) ||
      walk(desk, event) ||
      otherwise(desk, memory.current, event);
    if (done) event.preventDefault();
  };
}
