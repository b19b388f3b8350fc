import type { Proposal } from '@gleddo/core';
import { Button } from 'antd';
import { useState } from 'react';
import { DayField } from '../../platform/figures/DayField';
import { Refusal } from '../../platform/shell/Refusal';
import { LineRow } from './LineRow';
import { EMPTY, readRows, rowsOf, type Row } from './said-rows';
import type { Problem } from './use-problem';
import styles from './problem.module.css';

interface EntryEditorProps {
  readonly at: number;
  readonly problem: Problem;
  onDone(): void;
}

/** The day of a sentence’s entry: its own, or that of what was told before it. */
function dayOf({ sentences, company }: Proposal, at: number): string {
  const before = sentences.slice(0, at + 1).findLast(({ entries }) => entries.length > 0);
  return before?.entries.at(-1)?.date ?? company.firstDay;
}

function useTyped({ at, problem, onDone }: EntryEditorProps) {
  const proposal = problem.proposal as Proposal;
  const [date, setDate] = useState(() => dayOf(proposal, at));
  const [rows, setRows] = useState(() => rowsOf(proposal, at));
  const [tried, setTried] = useState(false);
  const read = readRows(rows, proposal);
  return {
    ...{ proposal, date, setDate, rows, fault: tried ? read.fault : null },
    add: () => setRows([...rows, EMPTY]),
    set: (i: number, rest: Partial<Row>) =>
      setRows(rows.map((each, r) => (r === i ? { ...each, ...rest } : each))),
    keep: () => {
      setTried(true);
      if (read.fault !== null) return;
      const { lines, added, types } = read;
      problem.say(at, { entry: { date, lines }, added, types });
      onDone();
    },
  };
}

/** An entry said by hand: instead of the one that is proposed, or where there is none. */
export function EntryEditor(props: EntryEditorProps) {
  const { proposal, date, setDate, rows, fault, add, set, keep } = useTyped(props);
  return (
    <form
      className={styles['editor']}
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
      onKeyDown={(event) => {
        if (event.key === 'Escape') props.onDone();
      }}
    >
      <DayField label="Day" size="small" value={date} onChange={setDate} />
      {rows.map((row, i) => (
        <LineRow
          key={i}
          {...{ row, proposal }}
          isFirst={i === 0}
          onChange={(rest) => set(i, rest)}
        />
      ))}
      <Refusal says={fault} />
      <div className={styles['says']}>
        <Button size="small" type="primary" htmlType="submit">
          Take it so
        </Button>
        <Button size="small" onClick={add}>
          One line more
        </Button>
        <Button size="small" type="text" onClick={props.onDone}>
          Not now
        </Button>
      </div>
    </form>
  );
}
