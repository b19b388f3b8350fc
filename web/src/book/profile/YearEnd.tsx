import { closingEntries, firstYear, takersOfProfit, type Entry } from '@gleddo/core';
import { Button } from 'antd';
import { useState } from 'react';
import { useBookStore, useOpenBook } from '../open-book/open-book';
import { useDays } from '../../platform/figures/written-days';
import { Refusal } from '../../platform/shell/Refusal';
import { BeginNextYear } from './BeginNextYear';
import { ClosingLines } from './ClosingLines';
import { ProfitShares, type Shares } from './ProfitShares';

/** The end of a year: what is closed into what, the lock, and the next year from here. */
export function YearEnd() {
  const { longDay } = useDays();
  const { book, answer } = useOpenBook();
  const year = firstYear(book.company.firstDay);
  return (
    <section className="paper" aria-label="Year end">
      <h2>Year end, {longDay(year.to)}</h2>
      <Closing />
      <h3>Lock</h3>
      <Lock />
      {answer.mayChange && (
        <>
          <h3>Next year</h3>
          <BeginNextYear book={book} year={year} />
        </>
      )}
    </section>
  );
}

function Closing() {
  const store = useBookStore();
  const { book, answer } = useOpenBook();
  const year = firstYear(book.company.firstDay);
  const [shares, setShares] = useState<Shares>({});
  const [refused, setRefused] = useState<string | null>(null);
  const proposed = closingEntries(book, year, shares);
  const record = (entries: readonly Entry[]) => {
    const operations = entries.map((entry) => ({ kind: 'record-entry', entry }) as const);
    const { refusals } = store.change({ kind: 'several', operations });
    setRefused(refusals[0]?.says ?? null);
  };
  const takers = takersOfProfit(book);
  const isShared = proposed.ok || proposed.refusals[0]?.code === 'year.no-shares';
  return (
    <>
      <p className="quiet">
        Income and expenses begin the next year at nothing: their balances go into equity, and what
        was taken out goes off it.
      </p>
      {takers.length > 1 && isShared && (
        <ProfitShares takers={takers} shares={shares} onChange={setShares} />
      )}
      {proposed.ok ? (
        <ClosingLines book={book} entries={proposed.value} />
      ) : (
        <p role="status">{proposed.refusals[0]?.says}</p>
      )}
      <Refusal says={refused} />
      {answer.mayChange && proposed.ok && (
        <div className="slip-actions">
          <Button type="primary" onClick={() => record(proposed.value)}>
            Record the closing entries
          </Button>
        </div>
      )}
    </>
  );
}

function Lock() {
  const { longDay } = useDays();
  const store = useBookStore();
  const { book, answer } = useOpenBook();
  const year = firstYear(book.company.firstDay);
  const isLocked = book.locked !== undefined && book.locked >= year.to;
  const [refused, setRefused] = useState<string | null>(null);
  const lock = (until: string | null) => {
    const { refusals } = store.change({ kind: 'lock-entries', until });
    setRefused(refusals[0]?.says ?? null);
  };
  return (
    <>
      <p>
        {book.locked === undefined
          ? 'No entry is locked.'
          : `Entries up to ${longDay(book.locked)} are locked: a student can’t change them, and you are told where one lies there.`}
      </p>
      {answer.mayChange && (
        <Button onClick={() => lock(isLocked ? null : year.to)}>
          {isLocked ? 'Unlock' : `Lock entries up to ${longDay(year.to)}`}
        </Button>
      )}
      <Refusal says={refused} />
    </>
  );
}
