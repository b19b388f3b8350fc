import { accountsToTable, cellsToCsv, listToSetUp, writeBook, type Company } from '@gleddo/core';
import { Button } from 'antd';
import { useState } from 'react';
import { useBookStore, useOpenBook } from '../book/open-book';
import { download, fileNameOf } from '../files/download';
import { useFollowing } from '../kept/use-following';
import { NumbersCard } from '../numbers/NumbersCard';
import { CompanyFields } from './CompanyFields';

/** What a company is, and its book as files. */
export function ProfileView() {
  return (
    <main className="desk">
      <div className="columns">
        <div>
          <CompanyParticulars />
          <BookFiles />
        </div>
        <NumbersCard />
      </div>
    </main>
  );
}

function CompanyParticulars() {
  const store = useBookStore();
  const { book, answer } = useOpenBook();
  const [company, setCompany] = useFollowing<Company>(book.company);
  const [faults, setFaults] = useState<ReadonlyMap<string, string>>(new Map());
  const changed = JSON.stringify(company) !== JSON.stringify(book.company);
  const keep = () => {
    const { refusals } = store.change({ kind: 'change-company', company });
    setFaults(new Map(refusals.map((each) => [each.at, each.says])));
  };
  return (
    <form
      className="paper"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <h2>The company</h2>
      <CompanyFields
        company={company}
        disabled={!answer.mayChange}
        faultAt={(field) => faults.get(field)}
        onChange={setCompany}
      />
      {answer.mayChange && (
        <Button type="primary" htmlType="submit" disabled={!changed}>
          Keep the changes
        </Button>
      )}
    </form>
  );
}

function BookFiles() {
  const { book } = useOpenBook();
  const name = fileNameOf(book.company.name);
  return (
    <section className="paper">
      <h2>The book as a file</h2>
      <p>
        The whole book (accounts, opening balances, journal) in Gleddo’s own open format, or the
        list of accounts for a spreadsheet.
      </p>
      <p className="quiet">
        {book.accounts.length} accounts · {book.entries.length} entries · scheme “{book.scheme.name}
        ” · {book.numberPlan ? `numbers: ${book.numberPlan.name.toLowerCase()}` : 'without numbers'}
      </p>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 8 }}>
        <Button onClick={() => download(`${name}.book.json`, 'application/json', writeBook(book))}>
          Save the book
        </Button>
        <Button
          onClick={() =>
            download(`${name}-accounts.csv`, 'text/csv', cellsToCsv(accountsToTable(book)))
          }
        >
          Save the accounts as CSV
        </Button>
        <Button
          title="Names and opening amounts, without places and numbers"
          onClick={() =>
            download(`${name}-to-set-up.csv`, 'text/csv', cellsToCsv(listToSetUp(book)))
          }
        >
          Save the list to set up
        </Button>
      </div>
    </section>
  );
}
