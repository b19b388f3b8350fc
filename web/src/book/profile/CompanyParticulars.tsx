import { Button } from 'antd';
import { useState } from 'react';
import { useBookStore, useOpenBook } from '../open-book/open-book';
import { useKeptFields } from '../../platform/kept/use-kept-fields';
import { CompanyFields } from '../company-fields/CompanyFields';
import { Refusal } from '../../platform/shell/Refusal';

/** Name, trade, legal form, currency, year and words of a company. */
export function CompanyParticulars() {
  const store = useBookStore();
  const { book, answer } = useOpenBook();
  const [faults, setFaults] = useState<ReadonlyMap<string, string>>(new Map());
  const {
    value: company,
    set,
    forget,
    isChanged,
  } = useKeptFields(`company.${answer.id}`, book.company);
  const mayChange = answer.mayChange && answer.setsCompany;
  const keep = () => {
    const { refusals } = store.change({ kind: 'change-company', company });
    setFaults(new Map(refusals.map((each) => [each.at, each.says])));
    if (refusals.length === 0) forget();
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
        onChange={set}
      />
      <Refusal says={faults.get('kind') ?? faults.get('') ?? null} />
      {mayChange && <Keeping {...{ isChanged }} onForget={forget} />}
    </form>
  );
}

function Keeping({ isChanged, onForget }: { isChanged: boolean; onForget(): void }) {
  return (
    <div className="slip-actions">
      <Button type="primary" htmlType="submit" disabled={!isChanged}>
        Save the changes
      </Button>
      {isChanged && (
        <>
          <Button onClick={onForget}>Leave it as it was</Button>
          <span className="notice" role="status" style={{ alignSelf: 'center' }}>
            Not saved yet
          </span>
        </>
      )}
    </div>
  );
}
