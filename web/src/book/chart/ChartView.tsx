import {
  DndContext,
  MouseSensor,
  TouchSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
  type DragMoveEvent,
} from '@dnd-kit/core';
import { accountOf, moveTo, sectionIdOf, siblingsIn } from '@gleddo/core';
import { Checkbox } from 'antd';
import { Suspense, useEffect, type ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { BalanceFoot, ProfitFoot } from '../spread/feet';
import { pageNames } from '../spread/page-names';
import { Spread } from '../spread/Spread';
import { lazyView } from '../../platform/shell/lazy-view';
import { ChartStateContext, useStateOfChart, type ChartState } from '../chart-state/chart-state';
import { useChartKeys } from '../chart-state/chart-keys';
import {
  accountOfRow,
  accountRow,
  hasRetired,
  sectionOfEmptyRow,
} from '../chart-state/chart-order';
import { ProfitPage, SheetPage } from './ChartPage';
import { Guesses } from './Guesses';
import { PasteRows } from './PasteRows';
import { Slip, slipAhead } from '../slip/Slip';
import { Tray } from './Tray';
import listStyles from './list.module.css';
import chartStyles from './chart.module.css';

const TOGETHER = lazyView(() => import('./TogetherBar').then((m) => m.TogetherBar));
const LIST = lazyView(() => import('./ListView').then((m) => m.ListView));

/** The chart of accounts, which is the two statements, live. */
export function ChartView() {
  const chartState = useStateOfChart();
  const onKey = useChartKeys(chartState);
  useFocusOnSelected(chartState);
  const over = (
    <>
      <Slip />
      {chartState.together.length > 0 && (
        <Suspense>
          <TOGETHER.View />
        </Suspense>
      )}
      <SayLine chartState={chartState} />
    </>
  );
  return (
    <ChartStateContext value={chartState}>
      <div
        className="book-desk"
        onKeyDown={onKey}
        onPointerMove={slipAhead}
        onKeyDownCapture={slipAhead}
      >
        {chartState.list ? (
          <div className={listStyles['desk']}>
            <Suspense fallback={<div aria-busy="true" />}>
              <LIST.View list={chartState.list} />
            </Suspense>
            {over}
          </div>
        ) : (
          <DraggableSpread chartState={chartState} over={over} />
        )}
        <Switches chartState={chartState} />
      </div>
    </ChartStateContext>
  );
}

/** The selected row has the focus, when it is wished there. */
function useFocusOnSelected(chartState: ChartState): void {
  useEffect(() => {
    const id = accountOfRow(chartState.selected);
    if (id === null || !chartState.wantsFocus() || chartState.slip !== 'closed') return;
    const row = document.querySelector<HTMLElement>(`[data-row="${CSS.escape(accountRow(id))}"]`);
    row?.focus({ preventScroll: true });
    row?.scrollIntoView({ block: 'nearest' });
  });
}

interface DraggableSpreadProps {
  readonly chartState: ChartState;
  readonly over: ReactNode;
}

/** A finger that rests takes an account along; one that moves at once turns or scrolls the page. */
const HELD = { delay: 350, tolerance: 8 };

/** The two pages, on which accounts can be dragged to another place. */
function DraggableSpread({ chartState, over }: DraggableSpreadProps) {
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: HELD }),
  );
  return (
    <DndContext
      sensors={sensors}
      onDragStart={() => chartState.open('closed')}
      onDragMove={(event) => markTarget(targetOf(event))}
      onDragCancel={() => markTarget(null)}
      onDragEnd={(event) => {
        markTarget(null);
        dropped(chartState, String(event.active.id), targetOf(event)?.dataset['row'] ?? null);
      }}
      accessibility={{ container: document.body }}
    >
      <div className={chartStyles['with-tray']}>
        <Tray />
        <ChartPages {...{ chartState, over }} />
      </div>
    </DndContext>
  );
}

function ChartPages({ chartState, over }: DraggableSpreadProps) {
  const { book, figures, money, help, numbered } = chartState;
  return (
    <Spread
      names={pageNames(book)}
      wanted={pageOf(chartState)}
      className={numbered ? '' : 'no-numbers'}
      left={<SheetPage />}
      right={<ProfitPage />}
      leftFoot={help.totals && <BalanceFoot figures={figures} money={money} />}
      rightFoot={help.totals && <ProfitFoot scheme={book.scheme} figures={figures} money={money} />}
      over={over}
    />
  );
}

/** The page on which what is selected stands. */
function pageOf({ order, selected }: ChartState): 'left' | 'right' | null {
  if (selected === null) return null;
  return order.right.includes(selected) ? 'right' : order.left.includes(selected) ? 'left' : null;
}

/** The row under the pointer while something is dragged. */
function targetOf({ activatorEvent, delta }: DragMoveEvent | DragEndEvent): HTMLElement | null {
  const from = activatorEvent instanceof MouseEvent ? activatorEvent : touchOf(activatorEvent);
  if (!from) return null;
  const x = from.clientX + delta.x;
  const y = from.clientY + delta.y;
  return document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-row]') ?? null;
}

const touchOf = (event: Event): Touch | null =>
  'touches' in event ? (event as TouchEvent).touches.item(0) : null;

function markTarget(target: HTMLElement | null): void {
  for (const marked of document.querySelectorAll('.drop-here'))
    marked.classList.remove('drop-here');
  target?.classList.add('drop-here');
}

/** Dropped on an account: before it, beside it. Dropped on an empty line: at the end of that section. */
function dropped(chartState: ChartState, id: string, target: string | null): void {
  const before = accountOf(chartState.book, accountOfRow(target));
  if (target === null || before?.id === id) return;
  const section = before ? sectionIdOf(chartState.book, before) : sectionOfEmptyRow(target);
  if (section === null) return;
  const parent = before?.parent ?? null;
  const siblings = siblingsIn(chartState.book, section, parent).filter((each) => each.id !== id);
  const at = before ? siblings.findIndex((each) => each.id === before.id) : siblings.length;
  const after = siblings[at - 1]?.id ?? null;
  const [refusal] = chartState.perform(moveTo(chartState.book, id, { section, parent, after }));
  if (refusal) chartState.say({ tone: 'refusal', text: refusal.says });
  else chartState.select(accountRow(id));
}

function SayLine({ chartState }: { chartState: ChartState }) {
  if (!chartState.said) return <div role="status" className="sr-only" />;
  return (
    <div role="status" className={chartStyles['says']}>
      {chartState.said.text}
    </div>
  );
}

/** What origins are told by: a company begun from a chart has that. */
const beginningOf = ({ use }: ChartState): string =>
  use === 'company' ? 'the chart it was begun with' : 'the starting point';

/** As spread or as list; what is hidden until it is asked for, and what can be left out. */
function Switches({ chartState }: { chartState: ChartState }) {
  const parents = [...chartState.figures.families.keys()];
  const budgets = chartState.book.accounts.some(({ budget }) => budget !== null);
  const isSpread = chartState.list === null;
  return (
    <div className={chartStyles['switches']}>
      <ViewSwitch />
      {isSpread && parents.length > 0 && (
        <Switch
          on={chartState.folded.size > 0}
          name="Parents only"
          onTurn={(on) => chartState.fold(new Set(on ? parents : []))}
        />
      )}
      {isSpread && chartState.origins && (
        <Switch
          on={chartState.showsChangesOnly}
          name={`Only what differs from ${beginningOf(chartState)}`}
          onTurn={chartState.showChangesOnly}
        />
      )}
      {budgets && (
        <Switch
          on={chartState.showsBudget}
          name="Budget beside the figure"
          onTurn={chartState.showBudget}
        />
      )}
      {isSpread && hasRetired(chartState.book) && (
        <Switch
          on={chartState.showsRetired}
          name="Show retired accounts"
          onTurn={chartState.showRetired}
        />
      )}
      <Guesses />
      {chartState.mayChange && <PasteRows />}
    </div>
  );
}

interface SwitchProps {
  readonly on: boolean;
  readonly name: string;
  onTurn(on: boolean): void;
}

function Switch({ on, name, onTurn }: SwitchProps) {
  return (
    <Checkbox checked={on} onChange={(event) => onTurn(event.target.checked)}>
      {name}
    </Checkbox>
  );
}

/** The chart as the two pages or as one list; which of them stands in the address. */
function ViewSwitch() {
  const [params, setParams] = useSearchParams();
  const turn = (on: boolean) => {
    const next = new URLSearchParams(window.location.search);
    if (on) next.set('view', 'list');
    else next.delete('view');
    next.delete('account');
    setParams(next);
  };
  return <Switch on={params.get('view') === 'list'} name="As one list" onTurn={turn} />;
}
