import { useEffect } from 'react';
import { accountOf, sectionOfAccount, statementOfClass, statementSheets } from '@gleddo/core';
import { useOpenBook } from '../book/open-book';
import { AccountLines } from '../chart/AccountLines';
import { useMoney } from '../figures/money';
import { SheetsOnRequest } from '../handouts/SheetsOnRequest';
import { Refusal } from '../shell/Refusal';
import { CashFlowSheet } from './CashFlowSheet';
import { EquitySheet } from './EquitySheet';
import { LedgerSheet } from './LedgerSheet';
import { StatementBar } from './StatementBar';
import { StatementSpread } from './StatementSpread';
import { TrialBalanceSheet } from './TrialBalanceSheet';
import { useChoice, type Choice } from './use-choice';

const FILE_NAMES: Readonly<Record<Choice['shown'], string>> = {
  spread: 'statements',
  trial: 'trial-balance',
  ledger: 'ledger',
  equity: 'changes-in-equity',
  cash: 'cash-flow',
};

const KEPT_BACK =
  'In this exercise the figures are kept back while you work. The statements stand here once your work is given back.';

const BACKWARDS =
  'The first day lies after the last. Choose an earlier first day, or a later last one.';

const SHEETS = {
  trial: TrialBalanceSheet,
  ledger: LedgerSheet,
  equity: EquitySheet,
  cash: CashFlowSheet,
};

/** The statements, from each figure down to the entries. */
export function StatementsView() {
  const { book, answer } = useOpenBook();
  const money = useMoney(book);
  const choice = useChoice(book);
  const Sheet = choice.shown === 'spread' ? null : SHEETS[choice.shown];
  const over = <LinesOver choice={choice} />;
  const isBackwards = choice.period.from > choice.period.to;
  if (!answer.help.totals)
    return (
      <main className="desk">
        <p className="paper state-line">{KEPT_BACK}</p>
      </main>
    );
  return (
    <div className="book-desk">
      <StatementBar book={book} choice={choice}>
        <SheetsOnRequest
          make={() => statementSheets(book, choice)}
          name={FILE_NAMES[choice.shown]}
        />
      </StatementBar>
      {isBackwards && <Refusal says={BACKWARDS} />}
      {Sheet === null ? (
        <StatementSpread book={book} choice={choice} money={money} over={over} />
      ) : (
        <div className="paper sheet-alone" role="region" aria-label="The statement" tabIndex={0}>
          <Sheet book={book} choice={choice} money={money} />
          {over}
        </div>
      )}
    </div>
  );
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
      className={`slip ${onLeft ? 'on-left' : 'on-right'}`}
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
