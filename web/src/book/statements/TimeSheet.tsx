import { bookAfter, courseOf, looksWrong, spreadFigures, type Book } from '@gleddo/core';
import { Slider } from 'antd';
import { Suspense, useDeferredValue, useMemo } from 'react';
import type { Money } from '../../platform/figures/money';
import { useDays } from '../../platform/figures/written-days';
import { BalanceFoot, ProfitFoot } from '../spread/feet';
import { pageNames } from '../spread/page-names';
import { Spread } from '../spread/Spread';
import { lazyView } from '../../platform/shell/lazy-view';
import { SheetSide, ProfitSide } from './StatementSpread';
import css from './statements.module.css';
import { WhatHappened } from './WhatHappened';
import type { Choice } from './use-choice';
import { byAccount, useDepths } from './use-compared';
import { useNumbered } from '../open-book/withheld';

const LINE = lazyView(() => import('./CourseLine').then((m) => m.CourseLine));

interface TimeSheetProps {
  readonly book: Book;
  readonly choice: Choice;
  readonly money: Money;
  readonly over: React.ReactNode;
}

/** The two statements after each thing that happened, what moved marked, and the course of profit and assets. */
export function TimeSheet({ book, choice, money, over }: TimeSheetProps) {
  const { longDay } = useDays();
  const { from, to } = choice.period;
  const steps = useMemo(() => courseOf(book, { from, to }), [book, from, to]);
  const last = steps.length - 1;
  const at = Math.min(choice.step ?? last, last);
  const go = (step: number) => choice.set({ step: step === last ? null : String(step) });
  return (
    <div className={css['time']}>
      <After {...{ book, choice, money, over, steps }} at={useDeferredValue(at)} />
      <WhatHappened {...{ book, steps, at, money }} onGo={go} />
      <div className={css['course']}>
        <div className={css['line']}>
          <Suspense>
            <LINE.View {...{ steps, at, money }} />
          </Suspense>
        </div>
        <Slider
          ariaLabelForHandle="What has happened so far"
          ariaValueTextFormatterForHandle={(value) => longDay(steps[value]?.date ?? to)}
          min={0}
          max={Math.max(1, last)}
          value={at}
          tooltip={{ formatter: (value = 0) => longDay(steps[value]?.date ?? to) }}
          onChange={go}
        />
      </div>
    </div>
  );
}

interface AfterProps extends TimeSheetProps {
  readonly steps: ReturnType<typeof courseOf>;
  readonly at: number;
}

/** The statements as they stood after a step, beside those before it. */
function After({ book, choice, money, over, steps, at }: AfterProps) {
  const { from } = choice.period;
  const numbered = useNumbered(book);
  const shown = useMemo(() => {
    const to = steps[at]?.date ?? from;
    const day = to < from ? from : to;
    const after = bookAfter(book, steps, at);
    const before = bookAfter(book, steps, Math.max(0, at - 1));
    return {
      day,
      after,
      now: spreadFigures(after, { from, to: day }),
      was: spreadFigures(before, { from, to: day }),
      apparent: byAccount(looksWrong(after, day, book)),
    };
  }, [book, steps, at, from]);
  const { after, now, was, apparent, day } = shown;
  const compared = {
    ...{ book: after, money, now, was, apparent, then: null },
    choice: { ...choice, against: null, level: 'account' as const, period: { from, to: day } },
    ...useDepths(book),
  };
  return (
    <Spread
      names={pageNames(book)}
      className={`bare ${numbered ? '' : 'no-numbers'}`}
      over={over}
      left={<SheetSide {...compared} />}
      right={<ProfitSide {...compared} />}
      leftFoot={<BalanceFoot figures={now} money={money} />}
      rightFoot={<ProfitFoot scheme={book.scheme} figures={now} money={money} />}
    />
  );
}
