import type { Company } from '@gleddo/core';
import { Button } from 'antd';
import { useState } from 'react';
import { useBookStore, useOpenBook } from '../book/open-book';
import { useFollowing } from '../kept/use-following';
import { CompanyFields } from '../company-fields/CompanyFields';
import { Refusal } from '../shell/Refusal';

/** Name, trade, legal form, currency, year and words of a company. */
export function CompanyParticulars() {
  const store = useBookStore();
  const { book, answer } = useOpenBook();
  const [company, setCompany] = useFollowing<Company>(book.company);
  const [faults, setFaults] = useState<ReadonlyMap<string, string>>(new Map());
  const changed = JSON.stringify(company) !== JSON.stringify(book.company);
  const mayChange = answer.mayChange && answer.setsCompany;
  const keep = () => {
    const { refusals } = store.change({ kind: 'change-company', company });
    setFaults(new Map(refusals.map((each) => [each.at, each.says])));
  };
  return (
    <form
      className="paper narrow"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <h2>The company</h2>
      <CompanyFields
        company={company}
        disabled={!mayChange}
        faultAt={(field) => faults.get(field)}
        onChange={setCompany}
      />
      <Refusal says={faults.get('kind') ?? faults.get('') ?? null} />
      {mayChange && (
        <Button type="primary" htmlType="submit" disabled={!changed}>
          Save the changes
        </Button>
      )}
    </form>
  );
}
