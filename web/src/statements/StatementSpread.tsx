import {
  inChartOrder,
  profitLineName,
  resultName,
  rowsOf,
  spreadFigures,
  statementName,
  subtotalsShown,
  type Book,
  type SectionFigures,
} from '@gleddo/core';
import { useMemo, type ReactNode } from 'react';
import { longDay, periodText } from '../figures/days';
import type { Money } from '../figures/money';
import { BalanceFoot, ProfitFoot } from '../spread/feet';
import { Page, Spread } from '../spread/Spread';
import { FigureLink } from './FigureLink';
import type { Choice } from './use-choice';

interface StatementSpreadProps {
  readonly book: Book;
  readonly choice: Choice;
  readonly money: Money;
  readonly over: ReactNode;
}

/** Balance sheet and profit and loss with subtotals, at any date and level of detail. */
export function StatementSpread({ book, choice, money, over }: StatementSpreadProps) {
  const { period, level } = choice;
  const { from, to } = period;
  const figures = useMemo(() => spreadFigures(book, { from, to }, level), [book, from, to, level]);
  const { sheet, profit } = figures;
  const subtotals = subtotalsShown(profit.sections);
  const show = (section: SectionFigures, extra?: ReactNode) => (
    <StatementSection key={section.id} {...{ book, section, choice, money, extra }} />
  );
  const lastEquity = sheet.sections.filter((section) => section.class === 'equity').at(-1);
  return (
    <Spread
      className={`bare ${book.numberPlan ? '' : 'no-numbers'}`}
      over={over}
      left={
        <Page
          side="left"
          title={statementName(book.scheme, 'balance-sheet')}
          when={`as at ${longDay(to)}`}
          bare
        >
          {sheet.sections.map((section) =>
            section === lastEquity
              ? show(
                  { ...section, total: section.total + sheet.totals.profit },
                  <PlainRow
                    name={
                      sheet.totals.profit === profit.totals.profit
                        ? resultName(book.scheme, sheet.totals.profit)
                        : 'Profit not yet closed'
                    }
                    figure={money(sheet.totals.profit)}
                  />,
                )
              : show(section),
          )}
          {sheet.notPlaced && show(sheet.notPlaced)}
        </Page>
      }
      right={
        <Page
          side="right"
          title={statementName(book.scheme, 'profit-and-loss')}
          when={periodText(period)}
          bare
        >
          {profit.sections.map((section) => {
            const line = subtotals.get(section.id);
            return (
              <div key={section.id}>
                {show(section)}
                {line && (
                  <PlainRow
                    className="subtotal"
                    name={profitLineName(book.scheme, line)}
                    figure={money(profit.totals[line])}
                  />
                )}
              </div>
            );
          })}
        </Page>
      }
      leftFoot={<BalanceFoot figures={figures} money={money} />}
      rightFoot={<ProfitFoot scheme={book.scheme} figures={figures} money={money} />}
    />
  );
}

function PlainRow({
  name,
  figure,
  className = '',
}: {
  name: string;
  figure: string;
  className?: string;
}) {
  return (
    <div className={`row ${className}`} style={{ gridTemplateColumns: 'minmax(0, 1fr) auto' }}>
      <span className="name">{name}</span>
      <span className="figure">{figure}</span>
    </div>
  );
}

interface SectionProps {
  readonly book: Book;
  readonly section: SectionFigures;
  readonly choice: Choice;
  readonly money: Money;
  readonly extra?: ReactNode;
}

function StatementSection({ book, section, choice, money, extra }: SectionProps) {
  const depth = useMemo(
    () => new Map(rowsOf(book).map((row) => [row.account.id, row.depth])),
    [book],
  );
  const firstId = rowsOf(book)[0]?.account.id;
  const lines = inChartOrder(book, section);
  if (lines.length === 0 && section.total === 0) return null;
  return (
    <div className="section">
      <div className="section-rows">
        <div className="row section-head">
          <span>{section.name}</span>
          <span className="figure">{money(section.total)}</span>
        </div>
        {lines.map(({ account, amount }) => (
          <div key={account.id} className="row account">
            {book.numberPlan && <span className="no">{account.number ?? ''}</span>}
            <span
              className="name"
              style={{
                paddingLeft: choice.level === 'account' ? (depth.get(account.id) ?? 0) * 16 : 0,
              }}
            >
              {account.name}
            </span>
            <span />
            <span className="figure">
              <FigureLink
                label={account.name}
                figure={money(amount)}
                first={account.id === firstId}
                onOpen={() => choice.set({ account: account.id })}
              />
            </span>
          </div>
        ))}
        {extra}
      </div>
    </div>
  );
}
