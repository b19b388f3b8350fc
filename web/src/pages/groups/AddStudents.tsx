import type { ClassListDone, ClassListPlan, GroupAnswer } from '@gleddo/contract';
import { Button, Input, Select } from 'antd';
import { ChooseTable } from '../../book/files/ChooseTable';
import { counted } from '../../platform/figures/counted';
import { Refusal } from '../../platform/shell/Refusal';
import { MadePasswords } from '../people/MadePasswords';
import { FromPlatform } from './FromPlatform';
import { ListPlanned } from './ListPlanned';
import { useClassList } from './use-class-list';

type ClassList = ReturnType<typeof useClassList>;

/** The school’s list, or names: what it will do is said before it is done. */
export function AddStudents({ group }: { readonly group: GroupAnswer }) {
  const list = useClassList(group);
  const { pasted, table, plan, take } = list;
  return (
    <section className="paper">
      <h2>Add students</h2>
      <ListPasted pasted={pasted} group={group} />
      {table.of !== null && <WhichClass list={list} of={table.of} />}
      {plan && table.students.length > 0 && (
        <ListPlanned {...{ plan, group, table, decided: list.decided }} />
      )}
      <Refusal of={list.look} />
      <Keep list={list} />
      <Refusal of={take} />
      {take.data && <Done done={take.data} of={group.name} />}
    </section>
  );
}

const ListPasted = ({
  pasted,
  group,
}: Pick<ClassList, 'pasted'> & { readonly group: GroupAnswer }) => (
  <>
    <label htmlFor="student-names">A name on each line, or the school’s list</label>
    <Input.TextArea
      id="student-names"
      rows={6}
      value={pasted.text}
      onChange={(event) => pasted.type(event.target.value)}
    />
    <p className="quiet">
      Rows from a spreadsheet or a file, with their headings: given name, family name, number,
      e-mail, class. The same list again changes only what has changed.
    </p>
    <ChooseTable onChoose={(file) => void pasted.choose(file)} />
    {group.isCourse && (
      <FromPlatform groupId={group.id} isTyped={pasted.text.trim() !== ''} onList={pasted.type} />
    )}
    {pasted.says.map((says) => (
      <p key={says} className="refusal" role="alert">
        {says}
      </p>
    ))}
  </>
);

const WhichClass = ({ list, of }: { readonly list: ClassList; readonly of: string }) => (
  <p>
    <label htmlFor="which-class">Of the classes in the list</label>{' '}
    <Select
      id="which-class"
      value={of}
      style={{ minWidth: '12.5rem' }}
      options={list.table.classes.map((value) => ({ value, label: value }))}
      onChange={list.setClass}
    />
  </p>
);

const isDoubtful = (plan: ClassListPlan): boolean =>
  plan.students.some(({ becomes }) => becomes === 'doubtful');

function Keep({ list: { table, plan, isCurrent, decided, take } }: { readonly list: ClassList }) {
  const adds = plan?.students.filter(({ becomes }) => !['same', 'changed'].includes(becomes)) ?? [];
  const changes = plan?.students.filter((each) => each.changes.length > 0) ?? [];
  const isReady =
    plan !== undefined &&
    isCurrent &&
    table.students.length > 0 &&
    !isDoubtful(plan) &&
    adds.length + changes.length + decided.takeOut.length > 0;
  const isPlain = changes.length === 0 && decided.takeOut.length === 0;
  return (
    <div className="slip-actions">
      <Button
        type="primary"
        disabled={!isReady}
        loading={take.isPending}
        onClick={() => take.mutate()}
      >
        {isPlain ? 'Add them' : 'Take the list'}
      </Button>
      {plan && isDoubtful(plan) && <span className="quiet">Say first who is who.</span>}
    </div>
  );
}

function Done({ done, of }: { readonly done: ClassListDone; readonly of: string }) {
  const { added, joined, returned, changed, takenOut } = done;
  const said = [
    [joined, 'taken in from other classes'],
    [returned, 'brought back'],
    [changed, 'changed'],
    [takenOut, 'taken out'],
  ] as const;
  const told = said.filter(([n]) => n > 0).map(([n, what]) => `${counted(n, 'student')} ${what}`);
  return (
    <>
      {told.length > 0 && <p role="status">{told.join(', ')}.</p>}
      {added.length > 0 && <MadePasswords made={added} of={of} />}
    </>
  );
}
