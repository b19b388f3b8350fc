import type { ClassListPlan, CouldBe, GroupAnswer } from '@gleddo/contract';
import {
  SOMEBODY_NEW,
  STUDENT_FIELDS,
  type Becomes,
  type PlannedStudent,
  type StudentsInTable,
} from '@gleddo/core';
import { Checkbox, Select } from 'antd';
import { counted } from '../../platform/figures/counted';
import styles from './groups.module.css';
import type { useClassList } from './use-class-list';

type Decided = ReturnType<typeof useClassList>['decided'];

interface ListPlannedProps {
  readonly plan: ClassListPlan;
  readonly group: GroupAnswer;
  readonly table: StudentsInTable;
  readonly decided: Decided;
}

const KINDS: readonly (readonly [Becomes, string])[] = [
  ['new', 'new'],
  ['joins', 'from another class'],
  ['returns', 'coming back'],
  ['changed', 'changed'],
  ['same', 'as they are'],
  ['doubtful', 'to be decided'],
];

/** What a list would do: how many of what, what can’t be told, what changes, who is not in it. */
export function ListPlanned({ plan, group, table, decided }: ListPlannedProps) {
  const { students } = plan;
  const counts = KINDS.flatMap(([kind, says]) => {
    const n = students.filter(({ becomes }) => becomes === kind).length;
    return n > 0 ? [`${n} ${says}`] : [];
  });
  return (
    <div className={styles['plan']}>
      <p role="status">
        {counted(students.length, 'student')} in the list: {counts.join(', ')}.
      </p>
      <Doubts {...{ plan, decided }} />
      <Changes students={students} />
      {table.leftOut.length > 0 && (
        <ul className="quiet">
          {table.leftOut.map(({ row, why }) => (
            <li key={row}>
              Row {row} is left out: {why}.
            </li>
          ))}
        </ul>
      )}
      <Gone {...{ plan, group, decided }} />
    </div>
  );
}

const whoSays = ({ name, classes }: CouldBe): string =>
  `${name}, in ${classes.length > 0 ? classes.join(', ') : 'a colleague’s class'}`;

function Doubts({ plan, decided }: Pick<ListPlannedProps, 'plan' | 'decided'>) {
  const rows = plan.students.flatMap((student, at) =>
    student.becomes === 'doubtful' || at in decided.same ? [{ student, at }] : [],
  );
  if (rows.length === 0) return null;
  return (
    <ul>
      {rows.map(({ student, at }) => (
        <Doubt
          key={at}
          {...{ student, plan }}
          said={decided.same[at]}
          onSay={(who) => decided.decide(at, who)}
        />
      ))}
    </ul>
  );
}

interface DoubtProps {
  readonly student: PlannedStudent;
  readonly plan: ClassListPlan;
  readonly said: string | undefined;
  onSay(who: string): void;
}

function Doubt({ student, plan, said, onSay }: DoubtProps) {
  const { name, why } = student;
  const could = plan.people.filter(({ id }) => student.could.includes(id) || id === said);
  return (
    <li className={styles['doubt']}>
      <span>
        <strong>{name}</strong>: {why || 'decided.'}
      </span>
      <Select
        aria-label={`Who is ${name}`}
        placeholder="Who is it?"
        value={said ?? null}
        options={[
          ...could.map((each) => ({ value: each.id, label: `the same as ${whoSays(each)}` })),
          { value: SOMEBODY_NEW, label: 'somebody new' },
        ]}
        onChange={onSay}
      />
    </li>
  );
}

const LABELS = Object.fromEntries(STUDENT_FIELDS);

function Changes({ students }: { readonly students: readonly PlannedStudent[] }) {
  const changed = students.filter(({ changes }) => changes.length > 0);
  if (changed.length === 0) return null;
  return (
    <ul>
      {changed.map(({ id, name, changes }) => (
        <li key={id}>
          {name}:{' '}
          {changes
            .map(({ field, from, to }) =>
              from === '' ? `${LABELS[field]} ${to}` : `${LABELS[field]} ${from} becomes ${to}`,
            )
            .join(', ')}
        </li>
      ))}
    </ul>
  );
}

/** Who is missing from a list that is about the class: not from a name that is added to it. */
function Gone({ plan, group, decided }: Omit<ListPlannedProps, 'table'>) {
  const { gone, people, students } = plan;
  const known = students.filter(({ id }) => id !== null).length;
  if (gone.length === 0 || 2 * known < group.members.length) return null;
  return (
    <>
      <p>{counted(gone.length, 'student')} of the class, not in the list. Take out:</p>
      <Checkbox.Group
        value={[...decided.takeOut]}
        options={people
          .filter(({ id }) => gone.includes(id))
          .map(({ id, name }) => ({ value: id, label: name }))}
        onChange={decided.setTakeOut}
      />
    </>
  );
}
