import { totalOfEntries, type Book, type CourseStep } from '@gleddo/core';
import { useEffect } from 'react';
import { useDays } from '../../platform/figures/written-days';
import type { Money } from '../../platform/figures/money';
import { useLongList } from '../../platform/figures/use-long-list';
import { KIND_NAMES } from '../journal/entry-draft';
import css from './statements.module.css';

interface WhatHappenedProps {
  readonly book: Book;
  readonly steps: readonly CourseStep[];
  readonly at: number;
  readonly money: Money;
  onGo(step: number): void;
}

const STEP_HEIGHT = 44;

/** What happened, one under the other; a click shows the statements after it. */
export function WhatHappened({ steps, at, money, onGo }: WhatHappenedProps) {
  const { list, rows, before, after } = useLongList<HTMLDivElement>(
    steps.length,
    () => STEP_HEIGHT,
  );
  useEffect(() => {
    const scroller = list.current?.parentElement;
    if (!scroller) return;
    const top = at * STEP_HEIGHT;
    const isSeen =
      top >= scroller.scrollTop &&
      top <= scroller.scrollTop + scroller.clientHeight - 3 * STEP_HEIGHT;
    if (!isSeen) scroller.scrollTo({ top: top - scroller.clientHeight / 2 });
  }, [at, list]);
  return (
    <aside className={css['happened']} aria-label="What happened" tabIndex={-1}>
      <h2>What happened</h2>
      <div ref={list} style={{ paddingTop: before, paddingBottom: after }}>
        {rows.map((i) => (
          <button
            key={i}
            type="button"
            className={css['step']}
            aria-current={i === at ? 'step' : undefined}
            tabIndex={i === at ? 0 : -1}
            onClick={() => onGo(i)}
          >
            <StepSays step={steps[i]} money={money} />
          </button>
        ))}
      </div>
    </aside>
  );
}

function StepSays({ step, money }: { step: CourseStep | undefined; money: Money }) {
  const { longDay } = useDays();
  if (!step?.entry)
    return (
      <>
        <strong>Before all of it</strong>
        <span>as the books began</span>
      </>
    );
  const { text, kind, date } = step.entry;
  return (
    <>
      <strong>{text || KIND_NAMES[kind]}</strong>
      <span>
        {longDay(date)} · {money(totalOfEntries([step.entry]))}
      </span>
    </>
  );
}
