import { useEffect, useMemo } from 'react';
import {
  accountOf,
  bookAfter,
  cashBasis,
  courseOf,
  sectionOfAccount,
  statementOfClass,
  statementSheets,
  type Book,
} from '@gleddo/core';
import { useOpenBook } from '../open-book/open-book';
import { AccountLines } from '../slip/AccountLines';
import { useMoney } from '../../platform/figures/money';
import { SheetsOnRequest } from '../handouts/SheetsOnRequest';
import { Refusal } from '../../platform/shell/Refusal';
import { CashBasisSheet } from './CashBasisSheet';
import { CashFlowSheet } from './CashFlowSheet';
import { CostSheet } from './CostSheet';
import { EquitySheet } from './EquitySheet';
import { LedgerSheet } from './LedgerSheet';
import css from './statements.module.css';
import { StatementBar } from './StatementBar';
import { StatementSpread } from './StatementSpread';
import { TimeSheet } from './TimeSheet';
import { TrialBalanceSheet } from './TrialBalanceSheet';
import { WorksheetSheet } from './WorksheetSheet';
import { useChoice, type Choice } from './use-choice';
import slipStyles from '../slip/slip.module.css';

const FILE_NAMES: Readonly<Record<Choice['shown'], string>> = {
  spread: 'statements',
  time: 'statements',
  trial: 'trial-balance',
  worksheet: 'worksheet',
  ledger: 'ledger',
  equity: 'changes-in-equity',
  cash: 'cash-flow',
  cost: 'cost-of-sales',
  basis: 'cash-basis',
};

const KEPT_BACK =
  'In this exercise the figures are kept back while you work. The statements stand here once your work is given back.';

const BACKWARDS =
  'The first day lies after the last. Choose an earlier first day, or a later last one.';

const SHEETS = {
  trial: TrialBalanceSheet,
  worksheet: WorksheetSheet,
  ledger: LedgerSheet,
  equity: EquitySheet,
  cash: CashFlowSheet,
  cost: CostSheet,
  basis: CashBasisSheet,
};

/** The statements, from each figure down to the entries. */
export function StatementsView() {
  const { book, answer } = useOpenBook();
  const money = useMoney(book);
  const choice = useChoice(book);
  const { shown } = choice;
  const Sheet = shown === 'spread' || shown === 'time' ? null : SHEETS[shown];
  const Pages = shown === 'time' ? TimeSheet : StatementSpread;
  const over = <LinesOver choice={choice} />;
  const isBackwards = choice.period.from > choice.period.to;
  if (!answer.help.totals)
    return (
      <div className="desk">
        <p className="paper state-line">{KEPT_BACK}</p>
      </div>
    );
  return (
    <div className="book-desk">
      <StatementBar book={book} choice={choice}>
        <SheetsOnRequest make={() => sheetsOf(book, choice)} name={FILE_NAMES[choice.shown]} />
      </StatementBar>
      {isBackwards && <Refusal says={BACKWARDS} />}
      {shown === 'spread' && book.company.basis === 'cash' && <BasisSays {...{ book, choice }} />}
      {Sheet === null ? (
        <Pages book={book} choice={choice} money={money} over={over} />
      ) : (
        <div
          className={`paper ${css['alone']} ${shown === 'worksheet' ? css['wide'] : ''}`}
          role="region"
          aria-label="The statement"
          tabIndex={0}
        >
          <Sheet book={book} choice={choice} money={money} />
          {over}
        </div>
      )}
    </div>
  );
}

/** A company that looks at its profit by money is told both figures beside its statements. */
function BasisSays({ book, choice }: { book: Book; choice: Choice }) {
  const { period, set } = choice;
  const money = useMoney(book);
  const { accrual, cash } = useMemo(() => cashBasis(book, period), [book, period]);
  return (
    <p className={`quiet ${css['basis'] ?? ''}`}>
      On a cash basis the profit is {money(cash)}; the pages show the accrual basis,{' '}
      {money(accrual)}.{' '}
      <button type="button" className="link-button" onClick={() => set({ show: 'basis' })}>
        What differs
      </button>
    </p>
  );
}

/** What is shown, on paper; after a step of its course the statements as they stood then. */
function sheetsOf(book: Book, choice: Choice) {
  const { shown, period } = choice;
  if (shown !== 'time') return statementSheets(book, { ...choice, shown });
  const steps = courseOf(book, period);
  const at = Math.min(choice.step ?? steps.length - 1, steps.length - 1);
  const to = steps[at]?.date ?? period.to;
  return statementSheets(bookAfter(book, steps, at), {
    ...{ ...choice, shown: 'spread', against: null, level: 'account' },
    period: { from: period.from, to: to < period.from ? period.from : to },
  });
}

/** The focus goes back to the figure that one came from. */
function useBackToFigure(id: string | null): void {
  useEffect(() => {
    if (id === null) return;
    const figure = `[data-figure-of="${CSS.escape(id)}"]`;
    return () => document.querySelector<HTMLElement>(figure)?.focus();
  }, [id]);
}

function LinesOver({ choice }: { choice: Choice }) {
  const { book } = useOpenBook();
  const account = accountOf(book, choice.account);
  useBackToFigure(account?.id ?? null);
  if (!account) return null;
  const section = sectionOfAccount(book, account);
  const onLeft = section !== null && statementOfClass(section.class) === 'profit-and-loss';
  return (
    <aside
      className={`${slipStyles['sheet']} ${onLeft ? 'on-left' : 'on-right'}`}
      style={{ top: '12%' }}
      aria-label={`Entries of ${account.name}`}
      onKeyDown={(event) => {
        if (event.key === 'Escape') choice.set({ account: null });
      }}
    >
      <AccountLines account={account} onBack={() => choice.set({ account: null })} />
    </aside>
  );
}
