import {
  movedSays,
  profitLineName,
  profitRowsBeside,
  withThoseOf,
  sectionLike,
  statementName,
  subtotalsShown,
  type SectionFigures,
  type SpreadFigures,
} from '@gleddo/core';
import type { ReactNode } from 'react';
import { useDays } from '../../platform/figures/written-days';
import { BalanceFoot, ProfitFoot } from '../spread/feet';
import { pageNames } from '../spread/page-names';
import { Page, Spread } from '../spread/Spread';
import { HeadRow, PlainRow, StatementSection } from './StatementSection';
import styles from './compared.module.css';
import { useCompared, type Compared, type StatementSpreadProps } from './use-compared';
import { useNumbered } from '../open-book/withheld';

/** Balance sheet and profit and loss with subtotals, at any date and level, beside another date if asked. */
export function StatementSpread(props: StatementSpreadProps) {
  const { book, money, over } = props;
  const compared = useCompared(props);
  const { now } = compared;
  const numbered = useNumbered(book);
  return (
    <Spread
      names={pageNames(book)}
      className={`bare ${numbered ? '' : 'no-numbers'}`}
      over={over}
      left={<SheetSide {...withoutBudget(compared)} />}
      right={<ProfitSide {...compared} />}
      leftFoot={<BalanceFoot figures={now} money={money} />}
      rightFoot={<ProfitFoot scheme={book.scheme} figures={now} money={money} />}
    />
  );
}

/** A budget is one of income and expenses: beside the balance sheet it says nothing. */
const BUDGETED = `${styles['compared']} ${styles['budgeted']}`;

const withoutBudget = (compared: Compared): Compared =>
  compared.choice.budget
    ? { ...compared, then: null, choice: { ...compared.choice, budget: false } }
    : compared;

/** Rows with as many columns of figures as stand beside each other. */
function Columns({ of: { book, then, choice }, children }: { of: Compared; children: ReactNode }) {
  const numbered = useNumbered(book);
  const columns = then === null ? '' : choice.budget ? BUDGETED : styles['compared'];
  return <div className={`${columns} ${numbered ? '' : 'no-numbers'}`}>{children}</div>;
}

/** The balance sheet as a page. */
export function SheetSide(compared: Compared) {
  const { longDay } = useDays();
  const { book, now, then, choice } = compared;
  const { sheet } = now;
  const { scheme } = book;
  const { to } = choice.period;
  const lastEquity = sheet.sections.filter((section) => section.class === 'equity').at(-1);
  const others = then ? [...then.sheet.sections, then.sheet.notPlaced] : [];
  const placed = withThoseOf(sheet.sections, then?.sheet.sections ?? []);
  const sections = [...placed, ...(sheet.notPlaced ? [sheet.notPlaced] : [])];
  return (
    <Page
      side="left"
      title={statementName(scheme, 'balance-sheet')}
      when={`as at ${longDay(to)}`}
      bare
    >
      <Columns of={compared}>
        <HeadRow {...compared} says={(period) => longDay(period.to)} />
        {sections.map((section) => {
          const other = sectionLike(section, others);
          const Section = section === lastEquity ? SectionWithProfit : StatementSection;
          return <Section key={section.id} {...compared} section={section} other={other} />;
        })}
      </Columns>
      {sheet.moved.map((moved) => (
        <p key={moved.account.id} className="quiet">
          {movedSays(moved, compared.money(moved.amount))}
        </p>
      ))}
    </Page>
  );
}

const withProfit = (section: SectionFigures, of: SpreadFigures): SectionFigures => ({
  ...section,
  total: section.total + of.sheet.totals.profit,
});

interface SectionWithProfitProps extends Compared {
  readonly section: SectionFigures;
  readonly other: SectionFigures | null;
}

/** The last section of equity, which ends in the profit that is not closed yet. */
function SectionWithProfit({ section, other, ...compared }: SectionWithProfitProps) {
  const { book, now, then } = compared;
  return (
    <StatementSection
      {...compared}
      section={withProfit(section, now)}
      other={other && then && withProfit(other, then)}
    >
      {profitRowsBeside(book.scheme, now, then).map(({ id, name, amount, other: before }) => (
        <PlainRow key={id} {...compared} {...{ name, amount }} other={before} />
      ))}
    </StatementSection>
  );
}

/** Profit and loss as a page. */
export function ProfitSide(compared: Compared) {
  const { periodText } = useDays();
  const { book, now, choice } = compared;
  const { profit } = now;
  return (
    <Page
      side="right"
      title={statementName(book.scheme, 'profit-and-loss')}
      when={periodText(choice.period)}
      bare
    >
      <Columns of={compared}>
        <HeadRow {...compared} says={periodText} />
        {profit.sections.map((section) => (
          <ProfitSection key={section.id} {...compared} section={section} />
        ))}
      </Columns>
    </Page>
  );
}

/** A section of profit and loss, and the subtotal behind it where there is one. */
function ProfitSection({ section, ...compared }: Compared & { readonly section: SectionFigures }) {
  const { book, now, then } = compared;
  const line = subtotalsShown(now.profit.sections).get(section.id);
  return (
    <>
      <StatementSection
        {...compared}
        section={section}
        other={sectionLike(section, then?.profit.sections ?? [])}
      />
      {line && (
        <PlainRow
          {...compared}
          className="subtotal"
          name={profitLineName(book.scheme, line)}
          amount={now.profit.totals[line]}
          other={then?.profit.totals[line] ?? 0}
        />
      )}
    </>
  );
}
