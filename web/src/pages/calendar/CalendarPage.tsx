import {
  DndContext,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import type { CalendarShown } from '@gleddo/contract';
import { dayIn, daysBetween, daysLater } from '@gleddo/core';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { get } from '../../platform/api/client';
import { Asking } from '../../platform/shell/Asking';
import { counted } from '../../platform/figures/counted';
import { useNow } from '../../platform/times/use-now';
import { allOf, nameOf, weeksOf, type OnDay } from './days';
import { MoveDialog, type Moving } from './MoveDialog';
import { TakeOver } from './TakeOver';
import { Week } from './Week';
import styles from './calendar.module.css';

/** The term: what opens, closes and was given back, over all classes; moved by dragging, or by a click. */
export default function CalendarPage() {
  const shown = useQuery({ queryKey: ['calendar'], queryFn: () => get('calendar'), staleTime: 0 });
  return (
    <>
      <div className="sheet-head">
        <h1>The term</h1>
        <div className="actions">{shown.data && <TakeOver rows={shown.data.rows} />}</div>
      </div>
      {shown.data ? <Term shown={shown.data} /> : <Asking of={shown} what="The calendar" />}
    </>
  );
}

const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

function Term({ shown: { rows, zone } }: { readonly shown: CalendarShown }) {
  const [moving, setMoving] = useState<Moving | null>(null);
  // A click is none that moved less.
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const all = allOf(rows, zone);
  const drop = ({ active, over }: DragEndEvent) => {
    const of = all.find((each) => nameOf(each) === active.id);
    if (!of || !over || over.id === of.day) return;
    const days = daysBetween(of.day, String(over.id));
    const to = new Date(daysLater(zone, Date.parse(of.at), days)).toISOString();
    setMoving({ of, to });
  };
  const choose = (of: OnDay) => setMoving({ of, to: of.at });
  return (
    <main className="desk">
      {all.length === 0 && (
        <p className="quiet">
          Nothing has an opening or a closing time yet. Times are given where an exercise is handed
          out.
        </p>
      )}
      <DndContext sensors={sensors} collisionDetection={pointerWithin} onDragEnd={drop}>
        <Weeks all={all} zone={zone} onChoose={choose} />
      </DndContext>
      <p className="quiet">Times are those of {zone}.</p>
      {moving && <MoveDialog moving={moving} zone={zone} onClose={() => setMoving(null)} />}
    </main>
  );
}

/** So many weeks before this one are shown first, and so many more each time. */
const WEEKS_BACK = 8;

interface WeeksProps {
  readonly all: readonly OnDay[];
  readonly zone: string;
  onChoose(of: OnDay): void;
}

function Weeks({ all, zone, onChoose }: WeeksProps) {
  const [back, setBack] = useState(WEEKS_BACK);
  const { day: today } = dayIn(zone, useNow());
  const { weeks, before, after } = weeksOf(all, today, back);
  return (
    <>
      {before > 0 && <Button onClick={() => setBack(back + WEEKS_BACK)}>Earlier ({before})</Button>}
      <table className={`paper ${styles['term'] ?? ''}`} aria-label="The term, week by week">
        <thead>
          <tr>
            {WEEKDAYS.map((name) => (
              <th key={name} scope="col">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {weeks.map((days) => (
            <Week key={days[0]} {...{ days, all, today, zone }} onChoose={onChoose} />
          ))}
        </tbody>
      </table>
      {after > 0 && (
        <p className="quiet">
          {counted(after, 'opening or closing', 'openings and closings')} more{' '}
          {after === 1 ? 'lies' : 'lie'} further ahead than is shown.
        </p>
      )}
    </>
  );
}
