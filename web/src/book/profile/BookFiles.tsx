import { accountsToTable, cellsToCsv, writeBook, writingOf } from '@gleddo/core';
import { Button } from 'antd';
import { counted } from '../../platform/figures/counted';
import { useOpenBook } from '../open-book/open-book';
import { download, fileNameOf } from '../files/download';

/** The book as files in the open. */
export function BookFiles() {
  const { book } = useOpenBook();
  const name = fileNameOf(book.company.name);
  return (
    <section className="paper narrow">
      <h2>The book as a file</h2>
      <p>
        The whole book (accounts, opening balances, journal) in Gleddo’s own open format, or the
        list of accounts for a spreadsheet.
      </p>
      <p className="quiet">
        {counted(book.accounts.length, 'account')} ·{' '}
        {counted(book.entries.length, 'entry', 'entries')} · scheme “{book.scheme.name}” ·{' '}
        {book.numberPlan ? `numbers: ${book.numberPlan.name.toLowerCase()}` : 'without numbers'}
      </p>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: '0.5rem' }}>
        <Button onClick={() => download(`${name}.book.json`, 'application/json', writeBook(book))}>
          Save the book
        </Button>
        <Button
          onClick={() =>
            download(
              `${name}-accounts.csv`,
              'text/csv',
              cellsToCsv(accountsToTable(book), writingOf(book.company)),
            )
          }
        >
          Save the accounts as CSV
        </Button>
      </div>
    </section>
  );
}
