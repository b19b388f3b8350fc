import {
  chartOf,
  NOT_PLACED,
  oddOpeningDate,
  openingDifference,
  openingOf,
  statementOfClass,
  type Book,
  type StatementId,
  writingOf,
} from '@gleddo/core';
import { useState, useMemo } from 'react';
import { useBookStore, useOpenBook, useShownBook } from '../open-book/open-book';
import { DayField } from '../../platform/figures/DayField';
import { useDays } from '../../platform/figures/written-days';
import { useMoney, type Money } from '../../platform/figures/money';
import { pageNames } from '../spread/page-names';
import { Told } from '../../platform/shell/Told';
import { Page, Spread } from '../spread/Spread';
import { OpeningRow } from './OpeningRow';
import { SheetBeside } from './SheetBeside';
import { TakeOpenings } from './TakeOpenings';
import { useNumbered } from '../open-book/withheld';
import { useSheetBeside, type Beside } from './use-sheet-beside';
import styles from './opening.module.css';

/** Opening balances on the same two pages, with what is out of balance at the foot. */
export function OpeningView() {
  const beside = useSheetBeside(useOpenBook().answer.id);
  const { source } = beside;
  if (!source)
    return (
      <div className="book-desk">
        <OpeningPages lay={beside.lay} />
      </div>
    );
  return (
    <div className="book-desk">
      <div className={styles['with-sheet']}>
        <OpeningPages lay={beside.lay} />
        <SheetBeside {...{ source, beside }} />
      </div>
    </div>
  );
}

function OpeningPages({ lay }: Pick<Beside, 'lay'>) {
  const { book } = useOpenBook();
  const money = useMoney(book);
  const numbered = useNumbered(book);
  const [refused, setRefused] = useState<string | null>(null);
  const [sheet, profit] = pageNames(book);
  return (
    <Spread
      names={[sheet, profit]}
      className={`${styles['pages']} both-feet bare ${numbered ? '' : 'no-numbers'}`}
      left={
        <Page
          side="left"
          title={sheet}
          when={<OpeningWhen {...{ lay, refused, setRefused }} />}
          bare
          grid
        >
          <OpeningDayNotice refused={refused} />
          <OpeningSections statement="balance-sheet" />
        </Page>
      }
      right={
        <Page side="right" title={profit} when="only for books begun in mid-year" bare grid>
          <OpeningSections statement="profit-and-loss" />
        </Page>
      }
      leftFoot={<SumFoot book={book} money={money} />}
      rightFoot={<DifferenceFoot book={book} money={money} />}
    />
  );
}

const OpeningWhen = ({ lay, ...date }: Pick<Beside, 'lay'> & OpeningDateProps) => (
  <>
    <TakeOpenings lay={lay} /> <OpeningDate {...date} />
  </>
);

interface OpeningDateProps {
  readonly refused: string | null;
  setRefused(says: string | null): void;
}

function OpeningDate({ refused, setRefused }: OpeningDateProps) {
  const { longDay } = useDays();
  const store = useBookStore();
  const { book, answer } = useOpenBook();
  if (!answer.mayChange) return <>as at {longDay(book.opening.date)}</>;
  return (
    <label>
      as at{' '}
      <DayField
        size="small"
        label="Date of the opening balances"
        value={book.opening.date}
        status={refused === null ? '' : 'error'}
        onChange={(date) => {
          const { refusals } = store.change({ kind: 'set-opening-date', date });
          setRefused(refusals[0]?.says ?? null);
        }}
      />
    </label>
  );
}

/** What deserves a look in the day: books begun in mid-year, or a slip. */
function OpeningDayNotice({ refused }: Pick<OpeningDateProps, 'refused'>) {
  const { book, answer } = useOpenBook();
  // What would be right is not told to who is to find it.
  const isReported = answer.by === 'author' || answer.help.health;
  const odd = isReported ? oddOpeningDate(book).map((each) => each.says) : [];
  const says = refused === null ? odd : [refused];
  if (says.length === 0) return null;
  return (
    <p className="is-notice" role="status" style={{ gridColumn: '1 / -1', margin: '2px 0 6px' }}>
      {says.join(' ')}
    </p>
  );
}

function OpeningSections({ statement }: { statement: StatementId }) {
  const { sections } = useShownBook().book.scheme;
  const placed = sections.filter((section) => statementOfClass(section.class) === statement);
  return (
    <>
      {placed.map(({ id, name }) => (
        <OpeningSection key={id} id={id} name={name} />
      ))}
      {statement === 'balance-sheet' && <OpeningSection id={NOT_PLACED} name="Not placed" />}
    </>
  );
}

function OpeningSection({ id, name }: { id: string; name: string }) {
  const { book, answer } = useShownBook();
  const { company } = book;
  // The same object while the company is the same, so that rows need not be drawn again.
  const writing = useMemo(() => writingOf(company), [company]);
  const numbered = useNumbered(book);
  const rows = (chartOf(book).get(id) ?? []).filter(
    ({ account }) => !account.retired || openingOf(book, account.id) !== 0,
  );
  if (rows.length === 0) return null;
  return (
    <div className="section">
      <div role="rowgroup" aria-label={name} className="section-rows">
        <div role="row" className="row section-head">
          <span role="rowheader">{name}</span>
          <span role="gridcell" className="side">
            debit
          </span>
          <span role="gridcell" className="side">
            credit
          </span>
        </div>
        {rows.map(({ account, depth }) => (
          <OpeningRow
            key={account.id}
            {...{ account, depth, writing, scheme: book.scheme, mayChange: answer.mayChange }}
            amount={openingOf(book, account.id)}
            numbered={numbered}
          />
        ))}
      </div>
    </div>
  );
}

function SumFoot({ book, money }: { book: Book; money: Money }) {
  const amounts = Object.values(book.opening.balances);
  const debit = amounts.reduce((sum, amount) => sum + Math.max(amount, 0), 0);
  const credit = amounts.reduce((sum, amount) => sum + Math.max(-amount, 0), 0);
  return (
    <>
      <span>Debits {money(debit)}</span>
      <span>Credits {money(credit)}</span>
    </>
  );
}

function DifferenceFoot({ book, money }: { book: Book; money: Money }) {
  const difference = openingDifference(book);
  const isEmpty = Object.keys(book.opening.balances).length === 0;
  const isMet = difference === 0;
  const says = isEmpty
    ? 'No opening balances yet.'
    : isMet
      ? 'The opening balances are in balance.'
      : `${money(Math.abs(difference))} more in ${difference > 0 ? 'debit' : 'credit'}. Until it is found, it waits in suspense.`;
  return (
    <>
      <Told says={says} />
      <span className={isEmpty ? 'quiet' : isMet ? 'is-met' : 'is-missed'}>
        {isEmpty ? '' : isMet ? '✓ ' : '× '}
        {says}
      </span>
    </>
  );
}
