import {
  bandOf,
  budgetFigure,
  chartOf,
  inChartOrder,
  NOT_PLACED,
  profitLineName,
  profitRows,
  statementName,
  subtotalsShown,
  unfolded,
  type Account,
  type Section,
  type SectionFigures,
} from '@gleddo/core';
import { useMemo, type ReactElement, type ReactNode } from 'react';
import { useDays } from '../../platform/figures/written-days';
import { Ruler } from '../spread/Ruler';
import { Page } from '../spread/Spread';
import { useChartState, type ChartState } from '../chart-state/chart-state';
import { accountRow, emptyRow } from '../chart-state/chart-order';
import { ChartRow } from './ChartRow';
import { EmptyLine } from './EmptyLine';
import styles from './chart.module.css';

/** The left page: the balance sheet, each account at its place. */
export function SheetPage() {
  const { longDay } = useDays();
  const { figures, period, book } = useChartState();
  const { sections } = figures.sheet;
  const lastEquity = sections.filter((section) => section.class === 'equity').at(-1);
  return (
    <Page
      side="left"
      title={statementName(book.scheme, 'balance-sheet')}
      when={`as at ${longDay(period.to)}`}
      grid
    >
      {sections.map((section) => (
        <ChartSection key={section.id} section={section} withProfit={section === lastEquity} />
      ))}
    </Page>
  );
}

/** The right page: profit and loss, with its subtotals. */
export function ProfitPage() {
  const { periodText } = useDays();
  const { figures, period, money, book, numbered } = useChartState();
  const { sections, totals } = figures.profit;
  const subtotals = useMemo(() => subtotalsShown(sections), [sections]);
  return (
    <Page
      side="right"
      title={statementName(book.scheme, 'profit-and-loss')}
      when={periodText(period)}
      grid
    >
      {sections.map((section) => {
        const line = subtotals.get(section.id);
        return (
          <div key={section.id}>
            <ChartSection section={section} />
            {line && (
              <div className="section">
                <div role="rowgroup" className="section-rows">
                  <FixedRow
                    className="subtotal"
                    numbered={numbered}
                    name={profitLineName(book.scheme, line)}
                    figure={money(totals[line])}
                  />
                </div>
              </div>
            )}
          </div>
        );
      })}
    </Page>
  );
}

interface FixedRowProps {
  readonly className?: string;
  readonly numbered: boolean;
  readonly name: string;
  readonly mark?: string;
  readonly figure: string;
}

/** A row that is no account: a subtotal, the profit among the equity. */
function FixedRow({ className = '', numbered, name, mark = '', figure }: FixedRowProps) {
  return (
    <div className={`row ${className}`} role="row">
      {numbered && <span className="no" role="gridcell" />}
      <span className="name" role="gridcell">
        {name}
      </span>
      <span className="mark-says" role="gridcell">
        <span className="of-role">{mark}</span>
      </span>
      <span className="figure" role="gridcell">
        {figure}
      </span>
    </div>
  );
}

interface ChartSectionProps {
  readonly section: SectionFigures;
  readonly withProfit?: boolean;
  readonly numbered?: boolean;
}

export function ChartSection(props: ChartSectionProps) {
  const chartState = useChartState();
  const { section, withProfit = false, numbered = chartState.numbered } = props;
  const { book, figures, mayChange } = chartState;
  const money = section.id === NOT_PLACED ? chartState.trayMoney : chartState.money;
  const { profit } = figures.sheet.totals;
  const total = withProfit ? section.total + profit : section.total;
  return (
    <div className="section">
      <SectionRuler section={section} />
      <div role="rowgroup" aria-label={section.name} className="section-rows">
        <div className="row section-head" role="row">
          <span role="rowheader">{section.name}</span>
          <span className="figure" role="gridcell">
            {money(total)}
          </span>
        </div>
        <AccountRows section={section} numbered={numbered} />
        {withProfit &&
          profitRows(book.scheme, figures).map(({ id, name, amount }) => (
            <FixedRow
              key={id}
              numbered={numbered}
              name={name}
              mark={amount === figures.profit.totals.profit ? 'from the right page' : ''}
              figure={money(amount)}
            />
          ))}
        {mayChange && section.id !== NOT_PLACED && (
          <EmptyLine section={section.id} name={section.name} />
        )}
      </div>
    </div>
  );
}

/** More of a section than any screen shows at first. */
const FIRST_ROWS = 60;

function AccountRows({ section, numbered }: { section: SectionFigures; numbered: boolean }) {
  const chartState = useChartState();
  const { book } = chartState;
  const all = chartOf(book).get(section.id) ?? [];
  const known = new Set(all.map((row) => row.account.id));
  const virtual = inChartOrder(book, section).filter((line) => !known.has(line.account.id));
  return (
    <>
      {inChunks(
        rowsShown(chartState, all).map(({ account, depth }) => (
          <ChartRow
            key={account.id}
            {...rowOf(chartState, account)}
            depth={depth}
            money={section.id === NOT_PLACED ? chartState.trayMoney : chartState.money}
            numbered={numbered}
          />
        )),
      )}
      {virtual.map((line) => (
        <FixedRow
          key={line.account.id}
          numbered={numbered}
          name={line.account.name}
          mark="waits here"
          figure={chartState.money(line.amount)}
        />
      ))}
    </>
  );
}

/** What a row shows of its account, each of them a plain value: only rows of which one changes are drawn again. */
function rowOf(chartState: ChartState, account: Account) {
  const { book, figures } = chartState;
  return {
    account,
    amount: figures.amounts.get(account.id) ?? 0,
    family: figures.families.get(account.id) ?? null,
    scheme: book.scheme,
    budget: chartState.showsBudget ? budgetFigure(book, account) : null,
    isFolded: chartState.folded.has(account.id),
    origin: chartState.origins?.get(account.id) ?? 'given',
    selected: chartState.selected === accountRow(account.id),
    tabbable: chartState.entrance === accountRow(account.id),
    mayMove: chartState.mayChange,
    isGuess: account.guessed && chartState.mayChange && !chartState.withheld.has('types'),
    isTaken: chartState.together.includes(account.id),
    onSelect: chartState.openAccount,
    onTake: chartState.takeAccount,
  } as const;
}

type Rows = readonly ReturnType<typeof unfolded>[number][];

/** Without what is folded away, retired and empty, or left out as given. */
function rowsShown(chartState: ChartState, all: Rows): Rows {
  const { figures, origins, showsChangesOnly, showsRetired } = chartState;
  const rows = chartState.isWhole ? unfolded(all, chartState.folded) : all.slice(0, FIRST_ROWS);
  const isShown = (id: string) => !showsChangesOnly || origins?.get(id) !== 'given';
  return rows.filter(
    ({ account }) =>
      isShown(account.id) &&
      (showsRetired || !account.retired || (figures.amounts.get(account.id) ?? 0) !== 0),
  );
}

const CHUNK = 40;

/** The rows of a long section by some at a time: a browser passes over those that are not in view as one. */
function inChunks(rows: readonly ReactElement[]): ReactNode {
  if (rows.length <= FIRST_ROWS) return rows;
  return Array.from({ length: Math.ceil(rows.length / CHUNK) }, (_, i) => (
    <div key={i} role="presentation" className={styles['rows']}>
      {rows.slice(i * CHUNK, (i + 1) * CHUNK)}
    </div>
  ));
}

const NO_TICKS: readonly number[] = [];

function SectionRuler({ section }: { section: Pick<Section, 'id'> }) {
  const chartState = useChartState();
  const { book, taken, mayChange } = chartState;
  const band = useMemo(() => bandOf(book, section.id), [book, section.id]);
  if (!band || !book.numberPlan || !chartState.numbered || !chartState.help.bands)
    return <div className="no-ruler" />;
  const onPick = (number: string) => {
    chartState.select(emptyRow(section.id));
    chartState.pick({ section: section.id, number });
  };
  return (
    <Ruler
      band={band}
      ticks={chartState.ticks.get(section.id) ?? NO_TICKS}
      taken={taken}
      step={book.numberPlan.step}
      onPick={mayChange ? onPick : undefined}
    />
  );
}
