import { subledgersOf, madeUntil, sum, type Schedule } from '@gleddo/core';
import { Button } from 'antd';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useOpenBook } from '../open-book/open-book';
import { counted } from '../../platform/figures/counted';
import { useDays } from '../../platform/figures/written-days';
import { useDocumentMoney } from '../business/use-document-money';
import { TableHead } from '../../platform/figures/TableHead';
import { Refusal } from '../../platform/shell/Refusal';
import css from '../business/business.module.css';
import { TabFrame } from '../business/TabFrame';
import { RowTools } from '../business/RowTools';
import { ScheduleForm } from './ScheduleForm';
import { useChange } from '../open-book/use-change';

/** Tables that make entries: what was paid or earned ahead, what is owed for, what is used up. */
export function SchedulesTab() {
  const { book, answer } = useOpenBook();
  const [params, setParams] = useSearchParams();
  const { schedules } = subledgersOf(book);
  const [taken, setTaken] = useState<Schedule | null>(null);
  const chosen = schedules.find(({ id }) => id === params.get('schedule')) ?? schedules.at(-1);
  return (
    <TabFrame
      title="Schedules"
      when={counted(schedules.length, 'schedule')}
      rightTitle={chosen?.text ?? 'Its rows'}
      right={
        chosen ? (
          <Rows schedule={chosen} onChange={() => setTaken(chosen)} />
        ) : (
          <p className="quiet">The rows of a schedule stand here, each with its entry.</p>
        )
      }
    >
      {answer.mayChange && (
        <ScheduleForm
          key={taken?.id ?? `new ${schedules.length}`}
          {...{ book, schedule: taken, account: params.get('account') }}
          onDone={() => setTaken(null)}
        />
      )}
      {schedules.length === 0 ? (
        <p className="quiet">{NONE_YET}</p>
      ) : (
        <ScheduleTable
          chosen={chosen?.id ?? ''}
          onChoose={(id) => setParams({ show: 'schedules', schedule: id })}
        />
      )}
    </TabFrame>
  );
}

const NONE_YET =
  'A schedule spreads an amount over months: insurance paid for a year, a season pass sold ahead, the wear of a van. Each row makes an entry.';

function ScheduleTable({ chosen, onChoose }: { chosen: string; onChoose(id: string): void }) {
  const { book } = useOpenBook();
  const money = useDocumentMoney(book);
  return (
    <table className="lines-table" aria-label="Schedules">
      <TableHead names={['What is spread', 'Made']} figures={['Spread', 'Left']} />
      <tbody>
        {subledgersOf(book).schedules.map(({ id, text, total, residual, rows }) => {
          const left = sum(rows.filter(({ made }) => !made).map(({ amount }) => amount));
          return (
            <tr key={id} aria-current={id === chosen}>
              <td>
                <button type="button" className="link-button" onClick={() => onChoose(id)}>
                  {text}
                </button>
              </td>
              <td className="quiet">
                {rows.filter(({ made }) => made).length} of {rows.length}
              </td>
              <td className="figure">{money(total - residual)}</td>
              <td className="figure">{money(left)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** The rows of a schedule, and what makes them entries. */
function Rows({ schedule, onChange }: { schedule: Schedule; onChange(): void }) {
  const { longDay } = useDays();
  const { book, answer } = useOpenBook();
  const money = useDocumentMoney(book);
  return (
    <>
      <div className={css['rows']} tabIndex={0} role="region" aria-label="Rows of the schedule">
        <table className="lines-table">
          <TableHead names={['Day', 'Entry']} figures={['Amount']} />
          <tbody>
            {schedule.rows.map(({ date, amount, made }) => (
              <tr key={date}>
                <td>{longDay(date)}</td>
                <td>{made ? '✓ made' : <span className="quiet">not yet</span>}</td>
                <td className="figure">{money(amount)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {answer.mayChange && <RowActs schedule={schedule} onChange={onChange} />}
    </>
  );
}

/** Makes entries of the rows that are open: the next one, or all. */
function RowActs({ schedule, onChange }: { schedule: Schedule; onChange(): void }) {
  const { answer } = useOpenBook();
  const { change, refused } = useChange();
  const open = schedule.rows.filter(({ made }) => !made);
  const make = (until: string | undefined) => {
    const rows = madeUntil(schedule.rows, until ?? '');
    change({ kind: 'put-schedule', schedule: { ...schedule, rows } });
  };
  return (
    <>
      <div className="slip-actions">
        {open.length > 0 && (
          <Button onClick={() => make(open[0]?.date)}>Make the next entry</Button>
        )}
        {open.length > 1 && (
          <Button onClick={() => make(open.at(-1)?.date)}>Make all {open.length}</Button>
        )}
        <span style={{ marginInlineStart: 'auto' }} />
        {answer.entriesMayChange && (
          <RowTools
            of={schedule.text}
            onChange={onChange}
            onRemove={() => change({ kind: 'remove-schedule', id: schedule.id })}
          />
        )}
      </div>
      <Refusal says={refused} />
    </>
  );
}
