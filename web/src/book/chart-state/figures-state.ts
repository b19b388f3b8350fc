import {
  bandOf,
  bookFromJson,
  originsSince,
  shownPeriod,
  spreadFigures,
  takenNumbers,
  ticksOf,
  type Book,
  type Revealed,
  type Origin,
  type Period,
  type SpreadFigures,
} from '@gleddo/core';
import type { BookUse, Help } from '@gleddo/contract';
import { use, useMemo } from 'react';
import { Withheld, useNumbered } from '../open-book/withheld';
import { useShownBook } from '../open-book/open-book';
import { useMoney, type Money } from '../../platform/figures/money';
import { accountRow, chartOrder, type ChartOrder } from './chart-order';
import type { ViewState } from './view-state';
import { useChartList, type ChartList } from './use-list';

/** What the chart shows of the open book. */
export interface FiguresState {
  readonly book: Book;
  readonly period: Period;
  readonly figures: SpreadFigures;
  readonly money: Money;
  /** How amounts without a place are written: without a side, where the side is asked. */
  readonly trayMoney: Money;
  readonly taken: ReadonlySet<string>;
  /** The ticks of each section's ruler, by the section's id. */
  readonly ticks: ReadonlyMap<string, readonly number[]>;
  readonly order: ChartOrder;
  /** The chart as a list; null while it is the spread. */
  readonly list: ChartList | null;
  readonly use: BookUse;
  readonly mayChange: boolean;
  readonly help: Help;
  /** Whether accounts are shown with their numbers. */
  readonly numbered: boolean;
  /** What of an account an exercise keeps back so far. */
  readonly withheld: ReadonlySet<Revealed>;
  /** Given, changed or added, by account; null where there is no starting point. */
  readonly origins: ReadonlyMap<string, Origin> | null;
}

function startOf(document: object | null): Book | null {
  const read = document ? bookFromJson(document) : null;
  return read?.ok ? read.value : null;
}

function ticksBySection(book: Book): ReadonlyMap<string, readonly number[]> {
  const bands = book.scheme.sections.flatMap(({ id }) => {
    const band = bandOf(book, id);
    return band ? [{ id, band }] : [];
  });
  const numbers = book.accounts.flatMap(({ number }) => (number === null ? [] : [number]));
  const ticks = ticksOf(
    bands.map(({ band }) => band),
    numbers,
  );
  return new Map(bands.map(({ id }, i) => [id, ticks[i] ?? []]));
}

/** An exercise may ask for the set-up without its figures. */
const WITHHELD: Money = () => '';

const unsigned =
  (money: Money): Money =>
  (amount) =>
    money(Math.abs(amount));

function useChartMoney(book: Book, help: Help) {
  const inBook = useMoney(book);
  const money = help.totals ? inBook : WITHHELD;
  const trayMoney = useMemo(() => (help.asksSides ? unsigned(money) : money), [help, money]);
  return { money, trayMoney };
}

/** Every number and figure of the book, reckoned anew only where the book is another. */
function useBookFigures(book: Book) {
  const period = useMemo(() => shownPeriod(book), [book]);
  const figures = useMemo(() => spreadFigures(book, period), [book, period]);
  const taken = useMemo(() => takenNumbers(book), [book]);
  const ticks = useMemo(() => ticksBySection(book), [book]);
  return { period, figures, taken, ticks };
}

export function useFiguresState({ showsRetired, folded }: ViewState): FiguresState {
  const { book, answer } = useShownBook();
  const { use: usedAs, mayChange, help } = answer;
  const withheld = use(Withheld);
  const numbered = useNumbered(book);
  const start = useMemo(() => startOf(answer.start), [answer.start]);
  const origins = useMemo(() => start && originsSince(start, book), [start, book]);
  const list = useChartList(book, origins);
  const listed = list?.accounts ?? null;
  const order = useMemo(
    () =>
      listed
        ? { left: listed.map(({ id }) => accountRow(id)), right: [] }
        : chartOrder(book, mayChange, { showsRetired, folded }),
    [book, mayChange, showsRetired, folded, listed],
  );
  const shown = { book, use: usedAs, mayChange, help, numbered, withheld, order, origins, list };
  return { ...shown, ...useChartMoney(book, help), ...useBookFigures(book) };
}
