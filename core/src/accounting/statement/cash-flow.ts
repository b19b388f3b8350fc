import { type Account, type Book, type Entry } from '../../model/book/book.js';
import type { Period } from '../../model/day/calendar.js';
import { sectionOfAccount } from '../../model/book/place.js';
import { balancesOf, counts, upTo } from '../ledger/balances.js';
import { totalOfEntries } from '../ledger/find-entries.js';
import { sum, type Amount } from '../../model/money/amount.js';
import { statementOfClass, typeOf, type Activity, type Scheme } from '../../model/scheme/scheme.js';
import { profitStep } from './profit-and-loss.js';
import { profitLineName, resultName } from './spread-figures.js';

export type FlowActivity = 'operating' | 'investing' | 'financing';

export interface FlowLine {
  readonly account: Account;
  /** What the account's movement did to cash: positive brought cash in. */
  readonly amount: Amount;
  /** True for an account that should move only in closing, and moved otherwise. */
  readonly pointedOut: boolean;
}

type Lines = Readonly<Record<FlowActivity, readonly FlowLine[]>>;

/** An entry, and how much of it moved no money. */
interface WithoutCash {
  readonly entry: Entry;
  readonly amount: Amount;
}

export interface CashFlow {
  readonly from: string;
  readonly to: string;
  /** What the operating part begins from: the profit (or the operating profit, as IFRS 18 has it), openings left out. */
  readonly profit: Amount;
  readonly beginsFrom: 'profit' | 'operating-profit';
  /** Whether profit and loss has more: what stood there when a book was begun in mid-year is no cash flow. */
  readonly sinceOpening: boolean;
  /** The indirect method: the operating lines lead from the profit to the money; the others are the money itself. */
  readonly lines: Lines;
  /** The direct method: for what money came in and went out. */
  readonly direct: Lines;
  readonly operating: Amount;
  readonly investing: Amount;
  readonly financing: Amount;
  /** The movement of the cash accounts: exactly the sum of the three. */
  readonly movement: Amount;
  /** What stood on the cash accounts before it: at the beginning, or when the books were opened since. */
  readonly before: Amount;
  /** What moved no money and lies across activities, whole entries and parts of them: left out of all, and told. */
  readonly withoutCash: readonly WithoutCash[];
}

const isProfitAndLoss = (book: Book, account: Account): boolean => {
  const section = sectionOfAccount(book, account);
  return section !== null && statementOfClass(section.class) === 'profit-and-loss';
};

/** Since 1 January 2027 IFRS 18 has interest and dividends earned among investing, interest charged among financing. */
const IFRS_18: Readonly<Record<string, Activity>> = {
  'interest-received': 'investing',
  'dividends-received': 'investing',
  'interest-paid': 'financing',
};

/**
 * The activity of an account: its own, else its type's. An account of the role cash is cash whatever is
 * said; one whose own activity is cash counts as cash too (a cash equivalent). Without a place: operating.
 * In profit and loss it is operating unless the account or its type says otherwise (gains and losses on
 * disposal), or the company's form of the cash flow does (interest).
 */
export function activityOf(book: Book, account: Account): Activity {
  const type = typeOf(book.scheme, account.type);
  if (type?.role === 'cash') return 'cash';
  if (type?.role === 'suspense') return 'operating';
  if (account.cashFlow !== null) return account.cashFlow;
  const moved = book.company.cashFlow === 'ifrs-18' ? IFRS_18[type?.id ?? ''] : undefined;
  return moved ?? type?.cashFlow ?? 'operating';
}

/** What a line of an entry counts in, once it is known what else the entry holds. */
type Part = FlowActivity | 'cash';

interface ReadEntry {
  readonly entry: Entry;
  readonly movesCash: boolean;
  readonly parts: readonly Part[];
  /** What each line did to cash, positive brought it in; of lines of money nothing. */
  readonly moved: readonly Amount[];
  /** How much of it came in and went out without money. */
  readonly unmoved: Amount;
}

class Flows {
  private readonly accounts: ReadonlyMap<string, Account>;
  private readonly activities = new Map<string, Activity>();

  constructor(private readonly book: Book) {
    this.accounts = new Map(book.accounts.map((account) => [account.id, account]));
  }

  activity(id: string): Activity {
    const known = this.activities.get(id);
    if (known) return known;
    const account = this.accounts.get(id);
    const activity = account ? activityOf(this.book, account) : 'operating';
    this.activities.set(id, activity);
    return activity;
  }

  private roleOf(id: string) {
    return typeOf(this.book.scheme, this.accounts.get(id)?.type ?? null)?.role;
  }

  /** Accumulated depreciation is operating beside a depreciation charge, and else goes with its asset. */
  private isDisposed(id: string, charged: boolean): boolean {
    const own = this.accounts.get(id)?.cashFlow ?? null;
    return !charged && own === null && this.roleOf(id) === 'accumulated-depreciation';
  }

  read(entry: Entry): ReadEntry {
    const charged = entry.lines.some(
      ({ account }) => this.roleOf(account) === 'depreciation-charge',
    );
    const parts = entry.lines.map(({ account }): Part => {
      const activity = this.isDisposed(account, charged) ? 'investing' : this.activity(account);
      return activity === 'none' ? 'financing' : activity;
    });
    const movesCash = parts.includes('cash');
    return { entry, movesCash, parts, ...movedBy(entry, parts, movesCash) };
  }
}

const INFLOWS_FIRST: readonly FlowActivity[] = ['investing', 'financing', 'operating'];

/**
 * What the lines of an entry did to cash. What came in can't be more than the money that came in: what the activities have
 * above that moved no money, and is taken off what came in and, as much, off what went out, from investing first, then
 * financing, then operating.
 */
function movedBy({ lines }: Entry, parts: readonly Part[], movesCash: boolean) {
  const moved = lines.map(({ amount }, i) => (parts[i] === 'cash' ? 0 : 0 - amount));
  if (!movesCash) return { moved, unmoved: 0 };
  const sumOf = (part: FlowActivity) => sum(moved.filter((_, i) => parts[i] === part));
  const came = sum(INFLOWS_FIRST.map((part) => Math.max(0, sumOf(part))));
  const money = sum(lines.map(({ amount }, i) => (parts[i] === 'cash' ? Math.max(0, amount) : 0)));
  const unmoved = Math.max(0, came - money);
  for (const sign of [1, -1]) {
    let left = unmoved;
    for (const part of INFLOWS_FIRST) {
      const off = Math.min(left, Math.max(0, sign * sumOf(part)));
      takeOff(moved, (i) => parts[i] === part, sign * off);
      left -= off;
    }
  }
  return { moved, unmoved };
}

/** Takes an amount off the lines of one part that stand on its side, the largest of them first. */
function takeOff(moved: Amount[], isPart: (line: number) => boolean, amount: Amount): void {
  const sign = Math.sign(amount);
  const largest = [...moved.keys()]
    .filter((i) => isPart(i) && Math.sign(moved[i] ?? 0) === sign)
    .sort((a, b) => Math.abs(moved[b] ?? 0) - Math.abs(moved[a] ?? 0));
  let left = Math.abs(amount);
  for (const i of largest) {
    const off = Math.min(left, Math.abs(moved[i] ?? 0));
    moved[i] = (moved[i] ?? 0) - sign * off;
    left -= off;
  }
}

/** Whether all of an entry that moves no money is operating: it is then a step between profit and money. */
const isWithinOperating = ({ movesCash, parts }: ReadEntry): boolean =>
  !movesCash && parts.every((part) => part === 'operating');

const liesAcross = ({ movesCash, parts }: ReadEntry): boolean =>
  !movesCash && new Set(parts).size > 1;

/** What of an entry is told to have moved no money. */
function described(read: ReadEntry): readonly WithoutCash[] {
  const { entry, unmoved } = read;
  if (liesAcross(read)) return [{ entry, amount: totalOfEntries([entry]) }];
  return unmoved > 0 ? [{ entry, amount: unmoved }] : [];
}

type Sums = Record<FlowActivity, Map<string, Amount>>;

const noSums = (): Sums => ({ operating: new Map(), investing: new Map(), financing: new Map() });

/** What the lines of entries did to cash, by part and account. */
function summed(entries: readonly ReadEntry[]): Sums {
  const sums = noSums();
  for (const { entry, parts, moved } of entries)
    entry.lines.forEach(({ account }, i) => {
      const part = parts[i];
      if (part === undefined || part === 'cash') return;
      sums[part].set(account, (sums[part].get(account) ?? 0) + (moved[i] ?? 0));
    });
  return sums;
}

/**
 * The cash flow of a period, entry by entry. An entry without a money line counts in no activity; in one with a
 * money line, every other line counts in its account's activity, as far as money moved (`movedBy`). Opening balances, opening entries and closing
 * entries are no cash flow. An account whose activity is none counts as financing where cash moved, and is
 * pointed out. By the indirect method the operating part begins from the profit.
 */
export function cashFlow(book: Book, period: Period): CashFlow {
  const flows = new Flows(book);
  const filter = { ...period, closing: false, opening: false };
  const read = book.entries.filter((each) => counts(filter, each)).map((each) => flows.read(each));
  const money = summed(read.filter(({ movesCash }) => movesCash));
  const start = startOf(book, period);
  const direct = linesOf(book, flows, money);
  const steps = stepsFrom(start.balances, money.operating, summed(read.filter(isWithinOperating)));
  const total = (part: FlowActivity) => sum(direct[part].map((line) => line.amount));
  let movement = 0;
  for (const { entry, parts } of read)
    entry.lines.forEach(({ amount }, i) => (movement += parts[i] === 'cash' ? amount : 0));
  return {
    from: period.from,
    to: period.to,
    profit: 0 - sum([...start.balances.values()]),
    beginsFrom: start.beginsFrom,
    sinceOpening: start.sinceOpening,
    lines: {
      ...direct,
      operating: linesOf(book, flows, { ...noSums(), operating: steps }).operating,
    },
    direct,
    operating: total('operating'),
    investing: total('investing'),
    financing: total('financing'),
    movement,
    before: cashAt(book, flows, period.to) - movement,
    withoutCash: read.flatMap(described),
  };
}

function cashAt(book: Book, flows: Flows, day: string): Amount {
  let cash = 0;
  for (const [id, balance] of balancesOf(book, upTo(day)))
    if (flows.activity(id) === 'cash') cash += balance;
  return cash;
}

/** The parts of a cash flow in the order shown, with their names. */
export const FLOW_PARTS: readonly { readonly part: FlowActivity; readonly name: string }[] = [
  { part: 'operating', name: 'Operating activities' },
  { part: 'investing', name: 'Investing activities' },
  { part: 'financing', name: 'Financing activities' },
];

/** What the figure is called from which the operating part begins. */
export function flowBeginning(
  scheme: Scheme,
  { profit, beginsFrom, sinceOpening }: Pick<CashFlow, 'profit' | 'beginsFrom' | 'sinceOpening'>,
): string {
  const name =
    beginsFrom === 'profit'
      ? resultName(scheme, profit)
      : profitLineName(scheme, 'operatingProfit');
  return sinceOpening ? `${name}, since the opening` : name;
}

/** The balances of the profit-and-loss accounts from which the operating part begins, debit positive. */
function startOf(book: Book, period: Period) {
  const isNew = book.company.cashFlow === 'ifrs-18';
  const balances = balancesOf(book, { ...period, closing: false, opening: false });
  const whole = balancesOf(book, { ...period, closing: false, opening: true });
  const all = book.accounts.filter((account) => isProfitAndLoss(book, account));
  const isIn = (account: Account) => {
    const section = sectionOfAccount(book, account);
    return !isNew || (section !== null && profitStep(section) <= 3);
  };
  return {
    beginsFrom: isNew ? ('operating-profit' as const) : ('profit' as const),
    sinceOpening: all.some(({ id }) => (balances.get(id) ?? 0) !== (whole.get(id) ?? 0)),
    balances: new Map(all.filter(isIn).map(({ id }) => [id, balances.get(id) ?? 0])),
  };
}

/** What leads from the profit to the operating money: by account, what it did there less what the profit has of it. */
function stepsFrom(
  start: ReadonlyMap<string, Amount>,
  money: ReadonlyMap<string, Amount>,
  { operating: within }: Sums,
): Map<string, Amount> {
  const steps = new Map(money);
  const add = (id: string, amount: Amount) => steps.set(id, (steps.get(id) ?? 0) + amount);
  for (const [id, amount] of within) add(id, amount);
  for (const [id, balance] of start) add(id, balance);
  return steps;
}

/** In the order of the chart, without what did nothing. */
function linesOf(book: Book, flows: Flows, sums: Sums): Lines {
  const of = (part: FlowActivity): FlowLine[] =>
    book.accounts.flatMap((account) => {
      const amount = sums[part].get(account.id) ?? 0;
      if (amount === 0) return [];
      return [{ account, amount, pointedOut: flows.activity(account.id) === 'none' }];
    });
  return { operating: of('operating'), investing: of('investing'), financing: of('financing') };
}
