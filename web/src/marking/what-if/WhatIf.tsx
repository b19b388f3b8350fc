import type { Marked, ShownResult } from '@gleddo/contract';
import {
  figureWith,
  linesOnTheirWay,
  type Book,
  type LineOnItsWay,
  type StatementDate,
} from '@gleddo/core';
import { Switch } from 'antd';
import { Suspense, useMemo, useState } from 'react';
import { useDays } from '../../platform/figures/written-days';
import { moneyOf, type Money } from '../../platform/figures/money';
import { Recovering } from '../../platform/shell/Recovering';
import { lazyView } from '../../platform/shell/lazy-view';
import { TableHead } from '../../platform/figures/TableHead';
import { MarginNumber } from '../marks/MarginNumber';
import type { MarkedRows } from '../marks/marked-rows';
import styles from './what-if.module.css';

/** What draws the chart comes when there is one to draw. */
const WATERFALL = lazyView(() => import('./Waterfall').then(({ Waterfall }) => Waterfall));

export interface WhatIfProps {
  readonly marked: Marked;
  readonly keyBook: Book;
  readonly margin: MarkedRows['margin'];
  /** Shows what a note is about on both pages. */
  onNote(note: number): void;
}

/** Results of a run from before causes knew their faults: told by the notes. */
const asFound = (results: readonly ShownResult[], margin: WhatIfProps['margin']) =>
  results.map((each) => ({
    ...each,
    date: each.date as StatementDate | null,
    causes: each.causes.map((cause) => {
      const fault = margin.faults[(margin.numberOfCause(cause) ?? 0) - 1];
      return cause.roots || !fault ? cause : { ...cause, roots: [fault.ref] };
    }),
  }));

/** What the statements would be if some faults were put right: one after the other, until they are the key’s. */
export function WhatIf({ marked, keyBook, margin, onNote }: WhatIfProps) {
  const [putRight, setPutRight] = useState<ReadonlySet<string>>(new Set());
  const [taken, setTaken] = useState(0);
  const lines = useMemo(
    () => linesOnTheirWay(keyBook, asFound(marked.results, margin)),
    [keyBook, marked.results, margin],
  );
  const money = useMemo(() => moneyOf(keyBook), [keyBook]);
  const line = lines[taken] ?? null;
  return (
    <section className={styles['panel']} aria-label="What if">
      <Faults faults={margin.faults} {...{ putRight, onNote }} onChange={setPutRight} />
      <div>
        <h2>The statements then</h2>
        {lines.length === 0 ? (
          <p className="quiet">Every figure is the key’s already.</p>
        ) : (
          <Figures {...{ lines, putRight, taken, money }} onTake={setTaken} />
        )}
        {line && (
          <Recovering what="chart">
            <Suspense>
              <WATERFALL.View {...{ line, putRight, margin, money, onNote }} />
            </Suspense>
          </Recovering>
        )}
      </div>
    </section>
  );
}

interface FaultsProps {
  readonly faults: readonly ShownResult[];
  readonly putRight: ReadonlySet<string>;
  onChange(putRight: ReadonlySet<string>): void;
  onNote(note: number): void;
}

function Faults({ faults, putRight, onChange, onNote }: FaultsProps) {
  const turn = (ref: string) => {
    const next = new Set(putRight);
    if (!next.delete(ref)) next.add(ref);
    onChange(next);
  };
  return (
    <div>
      <h2>Put right</h2>
      <ul className={styles['faults']}>
        {faults.map((fault, i) => (
          <li key={`${fault.ref} ${JSON.stringify(fault.date)}`}>
            <Switch
              size="small"
              aria-label={`Put right: ${fault.fault}, note ${i + 1}`}
              checked={putRight.has(fault.ref)}
              onChange={() => turn(fault.ref)}
            />
            <MarginNumber of={i + 1} />
            <button
              type="button"
              className="link-button"
              title="Show it on both pages"
              onClick={() => onNote(i + 1)}
            >
              {fault.fault}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}

interface FiguresProps {
  readonly lines: readonly LineOnItsWay[];
  readonly putRight: ReadonlySet<string>;
  readonly taken: number;
  readonly money: Money;
  onTake(at: number): void;
}

function Figures({ lines, putRight, taken, money, onTake }: FiguresProps) {
  const { longDay, periodText } = useDays();
  return (
    <table className={`lines-table ${styles['figures']}`}>
      <TableHead names={['Figure', 'When']} figures={['The key’s', 'Theirs then', '']} />
      <tbody>
        {lines.map((line, i) => {
          const figure = figureWith(line, putRight);
          return (
            <tr key={i} aria-current={i === taken} onClick={() => onTake(i)}>
              <td>
                <button type="button" onClick={() => onTake(i)}>
                  {line.name}
                </button>
              </td>
              <td className="quiet">
                {line.date.statement === 'balance-sheet'
                  ? longDay(line.date.at)
                  : periodText(line.date)}
              </td>
              <td className="figure">{money(line.wanted)}</td>
              <td className="figure">{money(figure)}</td>
              <td className={figure === line.wanted ? 'is-met' : 'is-missed'}>
                {figure === line.wanted ? '✓' : '×'}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
