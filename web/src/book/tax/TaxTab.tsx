import { isDay, shownPeriod, subledgersOf, taxSheet, type Book, type Handout } from '@gleddo/core';
import { useMemo } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { DayField } from '../../platform/figures/DayField';
import { LongRows } from '../../platform/figures/LongRows';
import { TableHead } from '../../platform/figures/TableHead';
import { pathBeside } from '../../platform/shell/path-beside';
import css from '../business/business.module.css';
import { TabFrame } from '../business/TabFrame';
import { PaperRow } from '../handouts/HandoutPaper';
import { SheetsOnRequest } from '../handouts/SheetsOnRequest';
import { useOpenBook } from '../open-book/open-book';
import { BesideAccounts } from './BesideAccounts';
import { TaxRules } from './TaxRules';
import { useMayCharge } from './use-may-charge';

/** As the styles have them. */
const ROW_HEIGHT = 26.5;

/** Of which days the return is: in the address, so that back leads back. */
function useAskedPeriod(book: Book) {
  const [params, setParams] = useSearchParams();
  const usual = shownPeriod(book);
  const day = (name: 'from' | 'to') => {
    const asked = params.get(name) ?? '';
    return isDay(asked) ? asked : usual[name];
  };
  const [from, to] = [day('from'), day('to')];
  const period = useMemo(() => ({ from, to }), [from, to]);
  const set = (rest: Partial<typeof period>) =>
    setParams({ show: 'tax', ...period, ...rest }, { replace: true });
  return { period, set };
}

/** What documents charged and were charged of tax in a period, and which codes they use for it. */
export function TaxTab() {
  const { book } = useOpenBook();
  const mayCharge = useMayCharge();
  const { period, set } = useAskedPeriod(book);
  const { from, to } = period;
  const sheet = useMemo(() => taxSheet(book, period), [book, period]);
  const hasTaxes = subledgersOf(book).taxes.length > 0;
  return (
    <TabFrame
      title="Tax return"
      when={sheet.subtitle}
      rightTitle="Taxes that documents charge"
      right={
        <>
          <TaxRules />
          {hasTaxes && <BesideAccounts {...{ book, period }} />}
        </>
      }
    >
      <div className="list-tools">
        <DayField label="From" value={from} onChange={(day) => set({ from: day })} />
        <DayField label="to" value={to} onChange={(day) => set({ to: day })} />
        <span className="end">
          <SheetsOnRequest make={() => [sheet]} name="tax-return" />
        </span>
      </div>
      {hasTaxes ? (
        <Return sheet={sheet} />
      ) : (
        <p className="quiet">
          {mayCharge === 'all'
            ? 'Documents charge no tax yet. Give a tax code its rate beside this page: from then on the lines of invoices can have it, and what it comes to is told here.'
            : 'Documents charge no tax here.'}
        </p>
      )}
    </TabFrame>
  );
}

function Return({ sheet }: { sheet: Handout }) {
  const journal = pathBeside(useLocation().pathname, 'journal');
  const { columns, rows, title } = sheet;
  const toEntry = (entry: string) => `${journal}?entry=${encodeURIComponent(entry)}`;
  return (
    <table className={`lines-table ${css['ages'] ?? ''}`} aria-label={title}>
      <TableHead
        names={columns.slice(0, 2).map(({ name }) => name)}
        figures={columns.slice(2).map(({ name }) => name)}
      />
      <LongRows
        of={rows}
        rowHeight={ROW_HEIGHT}
        row={(row, i) => <PaperRow key={i} handout={sheet} {...{ row, toEntry }} />}
      />
    </table>
  );
}
