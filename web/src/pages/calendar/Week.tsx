import { useDraggable, useDroppable } from '@dnd-kit/core';
import { dayIn } from '@gleddo/core';
import { nameOf, type OnDay, type What } from './days';
import styles from './calendar.module.css';

interface WeekProps {
  readonly days: readonly string[];
  readonly all: readonly OnDay[];
  readonly today: string;
  readonly zone: string;
  onChoose(of: OnDay): void;
}

/** A week of the term, a cell a day. */
export const Week = ({ days, ...rest }: WeekProps) => (
  <tr>
    {days.map((day) => (
      <Day key={day} {...{ ...rest, day }} />
    ))}
  </tr>
);

const MONTH = new Intl.DateTimeFormat('en-GB', { month: 'long', timeZone: 'UTC' });
const WEEKDAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: 'UTC' });

/** The number of a day; with its month where one begins. */
function dayName(day: string): string {
  const number = Number(day.slice(8));
  return number === 1 ? `1 ${MONTH.format(Date.parse(day))}` : String(number);
}

interface DayProps extends Omit<WeekProps, 'days'> {
  readonly day: string;
}

function Day({ day, all, today, zone, onChoose }: DayProps) {
  const { setNodeRef, isOver } = useDroppable({ id: day });
  const here = all.filter((each) => each.day === day);
  const look = [
    day < today ? styles['past'] : '',
    day === today ? styles['today'] : '',
    isOver ? styles['over'] : '',
    here.length === 0 ? styles['empty'] : '',
  ];
  return (
    <td
      ref={setNodeRef}
      data-day={day}
      className={look.filter(Boolean).join(' ')}
      aria-current={day === today ? 'date' : undefined}
    >
      <span className={styles['day']}>
        <span className={styles['weekday']}>{WEEKDAY.format(Date.parse(day))} </span>
        {dayName(day)}
      </span>
      {here.map((of) => (
        <Thing key={nameOf(of)} {...{ of, zone, onChoose }} />
      ))}
    </td>
  );
}

interface ThingProps {
  readonly of: OnDay;
  readonly zone: string;
  onChoose(of: OnDay): void;
}

const LOOKS: Readonly<Record<What, string>> = {
  opens: 'opens',
  closes: 'closes',
  'given back': 'back',
};

function Thing({ of, zone, onChoose }: ThingProps) {
  const { what, at, row } = of;
  const { hour, minute } = dayIn(zone, Date.parse(at));
  const disabled = !row.mayMove || what === 'given back';
  const { setNodeRef, listeners, transform } = useDraggable({ id: nameOf(of), disabled });
  const time = `${hour}:${String(minute).padStart(2, '0')}`;
  const many = what === 'given back' ? `${row.givenBack} of ${row.students}` : time;
  const style = transform
    ? { transform: `translate(${transform.x}px, ${transform.y}px)` }
    : undefined;
  return (
    <button
      ref={setNodeRef}
      type="button"
      disabled={disabled}
      className={`${styles['thing'] ?? ''} ${styles[LOOKS[what]] ?? ''}`}
      style={style}
      {...listeners}
      onClick={() => onChoose(of)}
    >
      <span>
        {what} {many}
      </span>
      <strong>{row.title}</strong>
      <span>{row.group}</span>
    </button>
  );
}
