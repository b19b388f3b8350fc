import { closingBalances, firstYear, type Book } from '@gleddo/core';
import { Select } from 'antd';
import { useMemo, useState } from 'react';
import { useOpenBook } from '../open-book/open-book';
import { useOtherCompanies } from '../open-book/use-other-companies';
import { BY_LABEL } from '../../platform/figures/by-label';
import { DayField } from '../../platform/figures/DayField';
import { useDays } from '../../platform/figures/written-days';
import { Going, type TakingEnds } from './Going';

/** The closing balance sheet of another company, carried forward: a table says which account goes where. */
export function FromOtherCompany({ ends }: { readonly ends: TakingEnds }) {
  const { answer } = useOpenBook();
  const { options, take } = useOtherCompanies(answer.id);
  const [other, setOther] = useState<Book | null>(null);
  const [at, setAt] = useState('');
  const open = (book: Book) => {
    setOther(book);
    setAt(firstYear(book.company.firstDay).to);
  };
  return (
    <>
      <p>
        What stood on its balance sheet at the end of a day opens these books; what income and
        expenses hold goes to what takes the profit.
      </p>
      <div className="list-tools">
        <Select
          aria-label="Company"
          placeholder="Company"
          style={{ width: '16.25rem' }}
          showSearch={BY_LABEL}
          options={options}
          onChange={(id: string) => void take(id, open)}
        />
        {other && <DayField label="At the end of" value={at} onChange={setAt} />}
      </div>
      {other && <Carried {...{ other, at, ends }} />}
    </>
  );
}

interface CarriedProps {
  readonly other: Book;
  readonly at: string;
  readonly ends: TakingEnds;
}

function Carried({ other, at, ends }: CarriedProps) {
  const { longDay } = useDays();
  const found = useMemo(() => closingBalances(other, at), [other, at]);
  if (found.length === 0) return <p className="quiet">Nothing stands there at that day.</p>;
  return (
    <Going key={at} {...{ found, at, ends }} title={`${other.company.name}, ${longDay(at)}`} />
  );
}
