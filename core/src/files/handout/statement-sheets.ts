import type { Book } from '../../model/book/book.js';
import { type Period } from '../../model/day/calendar.js';
import { rowsOf } from '../../model/placing/places.js';
import { type Amount } from '../../model/money/amount.js';
import { allWhole, formatAmount } from '../../model/money/format-amount.js';
import { statementName } from '../../model/scheme/words.js';
import { budgetFigures } from '../../accounting/statement/budget-figures.js';
import {
  cashFlow,
  FLOW_PARTS,
  flowBeginning,
  type CashFlow,
} from '../../accounting/statement/cash-flow.js';
import {
  changesInEquity,
  EQUITY_COLUMN_NAMES,
  equityColumnsShown,
  IN_SUSPENSE,
  type EquityColumn,
} from '../../accounting/statement/changes-in-equity.js';
import { movedSays } from '../../accounting/statement/other-side.js';
import type { Level, SectionFigures } from '../../accounting/statement/section-figures.js';
import {
  inChartOrder,
  profitLineName,
  profitRowsBeside,
  withThoseOf,
  resultName,
  spreadFigures,
  subtotalsShown,
  type SpreadFigures,
} from '../../accounting/statement/spread-figures.js';
import { trialMovement, type TrialMovement } from '../../accounting/statement/trial-balance.js';
import { ledgerSheet, type LedgerWanted } from './ledger-sheet.js';
import { cashBasisSheet } from './cash-basis-sheet.js';
import { flowLineName } from '../../accounting/statement/flow-words.js';
import { costSheet } from './cost-sheet.js';
import { worksheetSheet } from './worksheet-sheet.js';
import {
  accountCell,
  sheetOf,
  type Handout,
  type HandoutCell,
  type HandoutColumn,
  type HandoutRow,
} from './sheet.js';
import { saidOn, writingOf } from '../../model/place/writing.js';

/** Which statements, for which period, in how much detail. */
export interface SheetWanted {
  readonly shown:
    'spread' | 'trial' | 'worksheet' | 'ledger' | 'equity' | 'cash' | 'cost' | 'basis';
  readonly period: Period;
  readonly level: Level;
  readonly method: 'indirect' | 'direct';
  /** The period that stands beside it; null: none. */
  readonly against: Period | null;
  /** Whether the budget stands beside profit and loss instead. */
  readonly budget?: boolean;
  /** What of the ledger is looked at; absent: all of it. */
  readonly ledger?: LedgerWanted;
  /** Whether accounts at zero are left out; absent: they are not. */
  readonly zeros?: boolean;
}

const words = (name: string, share = 6): HandoutColumn => ({
  name,
  share,
  isFigure: false,
  isIndented: true,
});
const ofAccounts = (name: string): HandoutColumn => ({ ...words(name), isOfAccounts: true });
const figures = (name: string): HandoutColumn => ({ name, share: 1.8, isFigure: true });

const forPeriod = (book: Book, { from, to }: Period): string =>
  `${saidOn(book, from)} to ${saidOn(book, to)}`;

/** Statements of a book as sheets of paper: the two of the spread, or the one that is wanted. */
export function statementSheets(book: Book, wanted: SheetWanted): Handout[] {
  switch (wanted.shown) {
    case 'trial':
      return [trialSheet(book, wanted)];
    case 'worksheet':
      return [worksheetSheet(book, wanted.period)];
    case 'cost':
      return [costSheet(book, wanted.period)];
    case 'basis':
      return [cashBasisSheet(book, wanted.period)];
    case 'ledger':
      return [ledgerSheet(book, wanted.period, wanted.ledger)];
    case 'equity':
      return [equitySheet(book, wanted)];
    case 'cash':
      return [cashSheet(book, wanted)];
    case 'spread':
      return spreadSheets(book, wanted);
  }
}

/** The figures of one or two dates beside each other: each line asks both. */
class Beside {
  readonly now: SpreadFigures;
  readonly then: SpreadFigures | null;
  private readonly depths: ReadonlyMap<string, number>;

  constructor(
    private readonly book: Book,
    private readonly wanted: SheetWanted,
  ) {
    const { period, level, against, budget = false } = wanted;
    this.now = spreadFigures(book, period, level);
    this.then = budget
      ? budgetFigures(book, period, level)
      : against && spreadFigures(book, against, level);
    this.depths = new Map(rowsOf(book).map(({ account, depth }) => [account.id, depth]));
  }

  row(
    kind: HandoutRow['kind'],
    name: HandoutCell,
    {
      figure,
      depth = 0,
    }: { readonly figure: (of: SpreadFigures) => Amount; readonly depth?: number | undefined },
  ): HandoutRow {
    const amounts = [this.now, ...(this.then ? [this.then] : [])].map(figure);
    const [now = 0, then = 0] = amounts;
    const all = this.wanted.budget ? [...amounts, now - then] : amounts;
    return { kind, depth, cells: [name, ...all.map((amount) => ({ amount }))] };
  }

  words(says: string): HandoutRow {
    return { kind: 'row', depth: 0, cells: [says, '', ...(this.then ? [''] : [])] };
  }

  section(section: SectionFigures, total: (of: SpreadFigures) => Amount): HandoutRow[] {
    const { zeros = true } = this.wanted;
    const shown = inChartOrder(this.book, section).filter(
      ({ account: { id }, amount }) =>
        zeros || amount !== 0 || this.now.families.get(id) || this.then?.amounts.get(id),
    );
    const lines = shown.map(({ account }) =>
      this.row('row', accountCell(account), {
        figure: (of) => of.amounts.get(account.id) ?? 0,
        depth: this.depths.get(account.id) ?? 0,
      }),
    );
    const totals = [this.now, ...(this.then ? [this.then] : [])].map(total);
    if (lines.length === 0 && totals.every((each) => each === 0)) return [];
    return [this.row('heading', section.name, { figure: total }), ...lines];
  }
}

/** An amount within a sentence. */
function amountIn(book: Book, amount: Amount): string {
  const writing = writingOf(book.company);
  return formatAmount(amount, writing, allWhole([amount], writing.digits) ? 0 : writing.digits);
}

const totalIn = (sections: readonly SectionFigures[], id: string): Amount =>
  sections.find((each) => each.id === id)?.total ?? 0;

function spreadSheets(book: Book, wanted: SheetWanted): Handout[] {
  const { period, against, budget = false } = wanted;
  // A budget stands beside profit and loss alone.
  const ofSheet = new Beside(book, budget ? { ...wanted, budget: false, against: null } : wanted);
  const beside = budget ? new Beside(book, wanted) : ofSheet;
  const others = (says: (of: Period) => string) => (against ? [says(against)] : []);
  const heads = (names: readonly string[]) => [ofAccounts('Account'), ...names.map(figures)];
  return [
    sheetOf(book, {
      title: statementName(book.scheme, 'balance-sheet'),
      subtitle: `as at ${saidOn(book, period.to)}`,
      columns: heads([
        saidOn(book, period.to),
        ...(budget ? [] : others(({ to }) => saidOn(book, to))),
      ]),
      rows: balanceRows(book, ofSheet),
    }),
    sheetOf(book, {
      title: statementName(book.scheme, 'profit-and-loss'),
      subtitle: forPeriod(book, period),
      columns: heads([
        forPeriod(book, period),
        ...(budget ? ['Budget', 'Over (under)'] : others((other) => forPeriod(book, other))),
      ]),
      rows: profitRowsOf(book, beside),
    }),
  ];
}

function balanceRows(book: Book, beside: Beside): HandoutRow[] {
  const { sheet } = beside.now;
  const lastEquity = sheet.sections.filter((section) => section.class === 'equity').at(-1);
  const all = withThoseOf(sheet.sections, beside.then?.sheet.sections ?? []);
  const sections = all.flatMap((section) => {
    const own = (of: SpreadFigures) => totalIn(of.sheet.sections, section.id);
    if (section !== lastEquity) return beside.section(section, own);
    const rows = beside.section(section, (of) => own(of) + of.sheet.totals.profit);
    return [...rows, ...profitLines(book, beside)];
  });
  const { notPlaced } = sheet;
  return [
    ...sections,
    ...(notPlaced ? beside.section(notPlaced, (of) => of.sheet.notPlaced?.total ?? 0) : []),
    beside.row('total', 'Total assets', { figure: (of) => of.sheet.totals.assets }),
    beside.row('total', 'Total liabilities', { figure: (of) => of.sheet.totals.liabilities }),
    beside.row('total', 'Total equity', { figure: (of) => of.sheet.totals.equity }),
    ...sheet.moved.map((moved) => beside.words(movedSays(moved, amountIn(book, moved.amount)))),
  ];
}

const profitLines = (book: Book, beside: Beside): HandoutRow[] =>
  profitRowsBeside(book.scheme, beside.now, beside.then).map(({ name, amount, other }) =>
    beside.row('row', name, { figure: (of) => (of === beside.now ? amount : other) }),
  );

function profitRowsOf(book: Book, beside: Beside): HandoutRow[] {
  const { sections, totals } = beside.now.profit;
  const subtotals = subtotalsShown(sections);
  const rows = sections.flatMap((section) => {
    const line = subtotals.get(section.id);
    return [
      ...beside.section(section, (of) => totalIn(of.profit.sections, section.id)),
      ...(line
        ? [
            beside.row('total', profitLineName(book.scheme, line), {
              figure: (of) => of.profit.totals[line],
            }),
          ]
        : []),
    ];
  });
  const result = resultName(book.scheme, totals.profit);
  return [...rows, beside.row('total', result, { figure: (of) => of.profit.totals.profit })];
}

const hasFigure = ({ opening, debit, credit, closing }: TrialMovement['lines'][number]): boolean =>
  opening !== 0 || debit !== 0 || credit !== 0 || closing !== 0;

function trialSheet(book: Book, { period, zeros = true }: SheetWanted): Handout {
  const { lines: all, debit, credit } = trialMovement(book, period);
  const lines = zeros ? all : all.filter(hasFigure);
  const sides = (one: Amount, other: Amount) =>
    [one, other].map((amount) => (amount <= 0 ? '' : { amount }));
  const closing = lines.map((line) => line.closing);
  const total = (sign: 1 | -1) =>
    closing.reduce((sum, amount) => sum + Math.max(sign * amount, 0), 0);
  return sheetOf(book, {
    title: 'Trial balance',
    subtitle: `as at ${saidOn(book, period.to)}; moved since ${saidOn(book, period.from)}`,
    columns: [
      ofAccounts('Account'),
      ...['Opening', 'Moved, debit', 'Moved, credit', 'Debit', 'Credit'].map(figures),
    ],
    rows: [
      ...lines.map((line) => ({
        kind: 'row' as const,
        depth: 0,
        cells: [
          accountCell(line.account),
          line.opening === 0 ? '' : { amount: line.opening },
          ...sides(line.debit, line.credit),
          ...sides(line.closing, -line.closing),
        ],
      })),
      {
        kind: 'total',
        depth: 0,
        cells: ['Total', '', ...sides(debit, credit), ...sides(total(1), total(-1))],
      },
    ],
  });
}

function equitySheet(book: Book, { period }: SheetWanted): Handout {
  const changes = changesInEquity(book, period);
  const { rows, total } = changes;
  const shown = equityColumnsShown(changes);
  const cells = (of: Readonly<Record<EquityColumn, Amount>>) =>
    shown.map((column) => ({ amount: of[column] }));
  return sheetOf(book, {
    title: 'Changes in equity',
    subtitle: forPeriod(book, period),
    columns: [
      { ...ofAccounts('Equity account'), share: 4 },
      ...shown.map((column) => figures(EQUITY_COLUMN_NAMES[column])),
    ],
    rows: [
      ...rows.map((row) => ({
        kind: 'row' as const,
        depth: 0,
        cells: [row.account ? accountCell(row.account) : 'Profit not yet closed', ...cells(row)],
      })),
      { kind: 'total', depth: 0, cells: ['Total equity', ...cells(total)] },
      ...(changes.inSuspense === 0
        ? []
        : [
            {
              kind: 'row' as const,
              depth: 0,
              cells: [IN_SUSPENSE, ...shown.slice(1).map(() => ''), { amount: changes.inSuspense }],
            },
          ]),
    ],
  });
}

function cashSheet(book: Book, { period, method }: SheetWanted): Handout {
  const flow = cashFlow(book, period);
  const isDirect = method === 'direct';
  const rows = FLOW_PARTS.flatMap(({ part, name }) => [
    amountRow('heading', name, flow[part]),
    ...(part === 'operating' && !isDirect
      ? [amountRow('row', flowBeginning(book.scheme, flow), flow.profit)]
      : []),
    ...(isDirect ? flow.direct : flow.lines)[part].map((line) => {
      const name = flowLineName(book, line, { part, isDirect });
      return amountRow('row', accountCell({ ...line.account, name }), line.amount);
    }),
  ]);
  return sheetOf(book, {
    title: 'Cash flow',
    subtitle: forPeriod(book, period),
    columns: [ofAccounts('What for'), figures('Amount')],
    rows: [
      ...rows,
      amountRow('total', 'Movement of bank and cash', flow.movement),
      amountRow('row', 'Bank and cash at the beginning', flow.before),
      amountRow('total', 'Bank and cash at the end', flow.before + flow.movement),
      ...withoutCashRows(book, flow),
    ],
  });
}

const amountRow = (kind: HandoutRow['kind'], name: HandoutCell, amount: Amount): HandoutRow => ({
  kind,
  depth: 0,
  cells: [name, { amount }],
});

/** What moved no money, below what did. */
function withoutCashRows(book: Book, { withoutCash }: CashFlow): HandoutRow[] {
  if (withoutCash.length === 0) return [];
  const heading: HandoutRow = { kind: 'heading', depth: 0, cells: ['Without cash', ''] };
  return [
    heading,
    ...withoutCash.map(({ entry, amount }) =>
      amountRow('row', `${saidOn(book, entry.date)}, ${entry.text}`, amount),
    ),
  ];
}
