import {
  shownPeriod,
  isDay,
  owedSheet,
  whoOwes,
  type Book,
  type Handout,
  type PartyKind,
} from '@gleddo/core';
import { Segmented } from 'antd';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { useOpenBook } from '../open-book/open-book';
import { DayField } from '../../platform/figures/DayField';
import type { Money } from '../../platform/figures/money';
import { useDocumentMoney } from '../business/use-document-money';
import { TableHead } from '../../platform/figures/TableHead';
import { PaperRow } from '../handouts/HandoutPaper';
import { SheetsOnRequest } from '../handouts/SheetsOnRequest';
import css from '../business/business.module.css';
import { TabFrame } from '../business/TabFrame';

const SIDES = [
  { value: 'customer', label: 'Customers' },
  { value: 'supplier', label: 'Suppliers' },
] as const;

/** Who is looked at, and at which day: in the address, so that back leads back. */
function useAsked(book: Book) {
  const [params, setParams] = useSearchParams();
  const kind: PartyKind = params.get('of') === 'supplier' ? 'supplier' : 'customer';
  const asked = params.get('at') ?? '';
  const at = isDay(asked) ? asked : shownPeriod(book).to;
  const set = (rest: Record<string, string>) =>
    setParams({ show: 'owed', of: kind, at, ...rest }, { replace: true });
  return { kind, at, set };
}

/** Who owes and who is owed at a day, by age. */
export function OwedTab() {
  const { book } = useOpenBook();
  const { kind, at, set } = useAsked(book);
  const sheet = useMemo(() => owedSheet(book, kind, at), [book, kind, at]);
  return (
    <TabFrame
      title={sheet.title}
      when={sheet.subtitle}
      rightTitle="Beside the control account"
      right={<Control {...{ book, kind, at }} />}
    >
      <div className="list-tools">
        <Segmented
          aria-label="Whom to look at"
          value={kind}
          options={[...SIDES]}
          onChange={(of) => set({ of })}
        />
        <DayField label="At the end of" value={at} onChange={(day) => set({ at: day })} />
        <span className="end">
          <SheetsOnRequest make={() => [sheet]} name="who-owes" />
        </span>
      </div>
      <Ages sheet={sheet} />
    </TabFrame>
  );
}

function Ages({ sheet }: { sheet: Handout }) {
  const { columns, rows, title } = sheet;
  if (!rows.some(({ kind }) => kind === 'row'))
    return <p className="quiet">Nothing is open at this day.</p>;
  return (
    <table className={`lines-table ${css['ages'] ?? ''}`} aria-label={title}>
      <TableHead
        names={columns.slice(0, 2).map(({ name }) => name)}
        figures={columns.slice(2).map(({ name }) => name)}
      />
      <tbody>
        {rows.map((row, i) => (
          <PaperRow key={i} handout={sheet} row={row} />
        ))}
      </tbody>
    </table>
  );
}

interface ControlProps {
  readonly book: Book;
  readonly kind: PartyKind;
  readonly at: string;
}

const NO_CONTROL =
  'No account is chosen for what parties owe or are owed. Choose it under Accounts used; the first document does so by itself.';

/** What is open against what the control account says, and why they can differ. */
function Control({ book, kind, at }: ControlProps) {
  const money = useDocumentMoney(book);
  const { total, control } = useMemo(() => whoOwes(book, kind, at), [book, kind, at]);
  if (control === null) return <p className="quiet">{NO_CONTROL}</p>;
  return (
    <>
      <table className="lines-table">
        <tbody>
          <tr>
            <td>Open documents</td>
            <td className="figure">{money(total)}</td>
          </tr>
          <tr>
            <td>Control account</td>
            <td className="figure">{money(control)}</td>
          </tr>
          <tr className="total">
            <td>Difference</td>
            <td className="figure">{money(control - total)}</td>
          </tr>
        </tbody>
      </table>
      <DifferenceSays difference={control - total} money={money} />
    </>
  );
}

function DifferenceSays({ difference, money }: { difference: number; money: Money }) {
  return (
    <p role="status" className={difference === 0 ? 'is-met' : 'notice'}>
      {difference === 0
        ? '✓ Open documents and the control account agree.'
        : `The control account stands ${money(Math.abs(difference))} ${difference > 0 ? 'above' : 'below'} the open documents: opening balances of parties that differ from it, or entries on it that name nobody.`}
    </p>
  );
}
