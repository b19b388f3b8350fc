import {
  bandOf,
  bookFromJson,
  keepingNumbers,
  originsSince,
  type Origin,
  chartOf,
  ticksOf,
  shownPeriod,
  spreadFigures,
  takenNumbers,
  type Book,
  type Brought,
  type Operation,
  type Period,
  type Refusal,
  type Result,
  type SpreadFigures,
} from '@gleddo/core';
import type { Help } from '@gleddo/contract';
import {
  createContext,
  use,
  useCallback,
  useDeferredValue,
  useMemo,
  useRef,
  useState,
} from 'react';
import type { BookStore } from '../book/book-store';
import { KeptBack, useNumbered } from '../book/kept-back';
import { useBookStore, useShownBook } from '../book/open-book';
import { useMoney, type Money } from '../figures/money';
import { accountOfRow, accountRow, chartOrder, type ChartOrder } from './chart-order';
import { useChartList, type ChartList } from './use-list';
import { useSteady } from '../kept/use-steady';
import { useSelected } from './use-selected';
import { useTogether } from './use-together';

type SlipKind = 'closed' | 'account' | 'lines';

interface Said {
  readonly tone: 'refusal' | 'notice';
  readonly text: string;
}

/** Everything the chart's parts share: the book, its figures, what is selected, and what can be done. */
export interface ChartDesk {
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
  readonly mayChange: boolean;
  readonly help: Help;
  /** Whether accounts are shown with their numbers. */
  readonly numbered: boolean;
  /** What of an account an exercise keeps back so far. */
  readonly keptBack: ReadonlySet<Brought>;
  /** False while only the first rows of each section are drawn, so that a long chart opens at once. */
  readonly isWhole: boolean;
  readonly showsRetired: boolean;
  readonly showsBudget: boolean;
  /** Parents whose accounts are folded away into their one figure. */
  readonly folded: ReadonlySet<string>;
  /** Given, changed or added, by account; null where there is no starting point. */
  readonly origins: ReadonlyMap<string, Origin> | null;
  /** Whether only what is not given is shown. */
  readonly showsChangesOnly: boolean;
  readonly selected: string | null;
  /** The row that Tab comes to from outside: the selected one, else the first. */
  readonly entrance: string | null;
  /** Accounts taken together, when there are several: in the order of the chart. */
  readonly together: readonly string[];
  readonly slip: SlipKind;
  readonly said: Said | null;
  /** A number picked on the ruler, for the empty line of its section. */
  readonly picked: { readonly section: string; readonly number: string } | null;
  /** Selects a row; what was taken together is let go of, unless it is kept. */
  select(row: string | null, slip?: SlipKind, keeps?: boolean): void;
  /** Selects an account and opens its slip; always the same function, so that rows need not be drawn again. */
  openAccount(id: string): void;
  /** Takes an account together with others; always the same function, too. */
  takeAccount(id: string): void;
  open(slip: SlipKind): void;
  say(said: Said | null): void;
  pick(picked: ChartDesk['picked']): void;
  /** Takes all accounts from the selected one to this row together; null lets go of them. */
  takeUpTo(row: string | null): void;
  /** Takes one account into those taken together, or out of them. */
  takeAlso(id: string): void;
  showRetired(shown: boolean): void;
  showBudget(shown: boolean): void;
  /** Folds these parents away, and no others. */
  fold(parents: ReadonlySet<string>): void;
  showChangesOnly(only: boolean): void;
  /** Does it, or says why not; answers the refusals, none when it was done. */
  perform(operation: Operation | Result<Operation>): readonly Refusal[];
  /** Whether the selected row should take the focus when it is next drawn. */
  wantsFocus(): boolean;
  wantFocus(wanted: boolean): void;
}

export const ChartDeskContext = createContext<ChartDesk | null>(null);

export function useDesk(): ChartDesk {
  const desk = use(ChartDeskContext);
  if (!desk) throw new Error('no chart is open here');
  return desk;
}

const isResult = (value: Operation | Result<Operation>): value is Result<Operation> =>
  'ok' in value;

const NOTHING_FOLDED: ReadonlySet<string> = new Set();

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

/** What the chart shows of the open book. */
function useChartFigures(showsRetired: boolean, folded: ReadonlySet<string>) {
  const { book, answer } = useShownBook();
  const { mayChange, help } = answer;
  const keptBack = use(KeptBack);
  const numbered = useNumbered(book);
  const inBook = useMoney(book);
  const money = help.totals ? inBook : WITHHELD;
  const trayMoney = useMemo(() => (help.asksSides ? unsigned(money) : money), [help, money]);
  const period = useMemo(() => shownPeriod(book), [book]);
  const figures = useMemo(() => spreadFigures(book, period), [book, period]);
  const taken = useMemo(() => takenNumbers(book), [book]);
  const start = useMemo(() => startOf(answer.start), [answer.start]);
  const origins = useMemo(() => start && originsSince(start, book), [start, book]);
  const ticks = useMemo(() => ticksBySection(book), [book]);
  const list = useChartList(book, origins);
  const listed = list?.accounts ?? null;
  const order = useMemo(
    () =>
      listed
        ? { left: listed.map(({ id }) => accountRow(id)), right: [] }
        : chartOrder(book, mayChange, showsRetired, folded),
    [book, mayChange, showsRetired, folded, listed],
  );
  return {
    book,
    mayChange,
    help,
    numbered,
    keptBack,
    money,
    trayMoney,
    period,
    figures,
    taken,
    ticks,
    order,
    origins,
    list,
  };
}

/** Whether the selected row should have the focus: kept aside, since it changes nothing that is drawn. */
function useFocusWish() {
  const wish = useRef(false);
  const wantsFocus = useCallback(() => wish.current, []);
  const wantFocus = useCallback((wanted: boolean) => {
    wish.current = wanted;
  }, []);
  return { wantsFocus, wantFocus };
}

/** What is hidden, folded or left out. */
function useChartView() {
  const [showsRetired, showRetired] = useState(false);
  const [showsChangesOnly, showChangesOnly] = useState(false);
  const [showsBudget, showBudget] = useState(false);
  const [folded, fold] = useState<ReadonlySet<string>>(NOTHING_FOLDED);
  return {
    showsRetired,
    showRetired,
    showsChangesOnly,
    showChangesOnly,
    showsBudget,
    showBudget,
    folded,
    fold,
  };
}

/** What deserves a look after a change; not the bands, where an exercise keeps them back. */
function noticeOf(notices: readonly Refusal[], help: Help): Said | null {
  const told = notices.filter(({ code }) => help.bands || code !== 'number.outside-band');
  return told.length > 0 ? { tone: 'notice', text: told.map(({ says }) => says).join(' ') } : null;
}

/** Does a change, or answers why not; what moves keeps its number where the bands are kept back. */
function performing(
  store: BookStore,
  { book, help }: Pick<ChartDesk, 'book' | 'help'>,
  done: (notices: readonly Refusal[]) => void,
) {
  return (given: Operation | Result<Operation>): readonly Refusal[] => {
    const result = isResult(given) ? given : { ok: true as const, value: given };
    if (!result.ok) return result.refusals;
    const operation = help.bands ? result.value : keepingNumbers(book, result.value);
    const { refusals, notices } = store.change(operation);
    done(notices);
    return refusals;
  };
}

/** The slip is open for whoever arrives at an account, from wherever. */
function useSlip(isGiven: boolean, arrival: string) {
  const [slip, open] = useState<SlipKind>(isGiven ? 'account' : 'closed');
  const [seen, setSeen] = useState(arrival);
  if (seen !== arrival) {
    setSeen(arrival);
    open(isGiven ? 'account' : 'closed');
  }
  return [slip, open] as const;
}

/** The same functions always, so that rows need not be drawn again. */
function useTaking(
  select: ChartDesk['select'],
  open: ChartDesk['open'],
  takeAlso: ChartDesk['takeAlso'],
) {
  const openAccount = useSteady((id: string) => select(accountRow(id), 'account'));
  const takeAccount = useSteady((id: string) => {
    open('closed');
    takeAlso(id);
  });
  return { openAccount, takeAccount };
}

export function useChartDesk(): ChartDesk {
  const store = useBookStore();
  const { selected, setSelected, isGiven, arrival } = useSelected();
  const [slip, open] = useSlip(isGiven, arrival);
  const [said, say] = useState<Said | null>(null);
  const [picked, pick] = useState<ChartDesk['picked']>(null);
  const view = useChartView();
  const focus = useFocusWish();
  const shown = useChartFigures(view.showsRetired, view.folded);
  const several = useTogether(shown.order, selected);
  const select = (next: string | null, kind?: SlipKind, keeps = false) => {
    if (!keeps) several.takeUpTo(null);
    focus.wantFocus(next !== null);
    setSelected(next);
    if (kind) open(kind);
    if (accountOfRow(next) === null || keeps) open('closed');
    say(null);
  };
  const perform = performing(store, shown, (notices) => {
    focus.wantFocus(true);
    say(noticeOf(notices, shown.help));
  });
  const entrance = selected ?? shown.order.left[0] ?? shown.order.right[0] ?? null;
  const isWhole = useDeferredValue(true, false);
  const state = { selected, entrance, slip, said, picked, isWhole };
  return {
    ...shown,
    ...state,
    ...focus,
    ...several,
    ...useTaking(select, open, several.takeAlso),
    select,
    open,
    say,
    pick,
    ...view,
    perform,
  };
}

export const hasRetired = (book: Book): boolean =>
  [...chartOf(book).values()].some((rows) => rows.some(({ account }) => account.retired));
