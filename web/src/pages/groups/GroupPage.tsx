import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { MadePassword, Student } from '@gleddo/contract';
import { App, Button, Input } from 'antd';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useParams } from 'react-router';
import { get, post } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { LongRows } from '../../platform/figures/LongRows';
import { TableHead } from '../../platform/figures/TableHead';
import { useKept } from '../../platform/kept/use-kept';
import { LeavingList } from '../../platform/leaving/LeavingList';
import { useDeleting } from '../../platform/leaving/use-deleting';
import { MadePasswords } from '../people/MadePasswords';
import { Asking } from '../../platform/shell/Asking';
import { GroupTabs } from './GroupTabs';
import { PageHead } from '../../platform/shell/PageHead';
import { Refusal } from '../../platform/shell/Refusal';

/** A class group: its students, their passwords, and a way to add some. */
export default function GroupPage() {
  const { id = '' } = useParams();
  const group = useQuery({
    queryKey: ['group', id],
    queryFn: () => get(`groups/${id}`),
  });
  if (!group.data) return <Asking of={group} what="The class group" />;
  const { name, members } = group.data;
  return (
    <>
      <PageHead path={{ to: '/groups', name: 'Class groups' }} title={name}>
        <GroupTabs id={id} />
      </PageHead>
      <main className="desk">
        <div className="columns">
          <section className="paper">
            <h2>{counted(members.length, 'student')}</h2>
            {members.length === 0 ? (
              <p className="quiet">Nobody yet. Add them on the right, a name on each line.</p>
            ) : (
              <Members id={id} members={members} />
            )}
          </section>
          <div>
            <AddStudents id={id} group={name} />
            <DeleteGroup id={id} />
          </div>
        </div>
      </main>
    </>
  );
}

function DeleteGroup({ id }: { id: string }) {
  const { onDelete, dialog } = useDeleting('group');
  return (
    <section className="paper">
      <h2>When it is over</h2>
      <p>What hangs on the class is said before anything goes.</p>
      <Button onClick={() => onDelete(id)}>Delete this class group</Button>
      <LeavingList which={(each) => each.id === id} />
      {dialog}
    </section>
  );
}

function Members({ id, members }: { id: string; members: readonly Student[] }) {
  const { modal } = App.useApp();
  const [made, setMade] = useState<MadePassword | null>(null);
  const reset = useMutation({
    mutationFn: (student: string) => post(`groups/${id}/members/${student}/password`),
    onSuccess: setMade,
  });
  const { onDelete, dialog } = useDeleting('person');
  const askFirst = (student: Student) =>
    modal.confirm({
      title: `Set a new password for ${student.name}?`,
      content: 'The old one stops working, and they are signed out wherever they are signed in.',
      okText: 'Set a new one',
      cancelText: 'Leave it',
      onOk: () => reset.mutateAsync(student.id).catch(() => undefined),
    });
  return (
    <>
      {made && <MadePasswords made={[made]} of={made.name} />}
      <Refusal of={reset} />
      <table className="lines-table">
        <TableHead names={['Name', 'Signs in as', '']} />
        <LongRows
          of={members}
          rowHeight={30}
          row={(student) => (
            <Member key={student.id} {...{ student, onDelete }} onReset={askFirst} />
          )}
        />
      </table>
      <LeavingList which={(each) => members.some((member) => member.id === each.id)} />
      {dialog}
    </>
  );
}

interface MemberProps {
  readonly student: Student;
  onReset(student: Student): void;
  onDelete(id: string): void;
}

function Member({ student, onReset, onDelete }: MemberProps) {
  return (
    <tr>
      <td>{student.name}</td>
      <td className="quiet">{student.login}</td>
      <td>
        <button
          type="button"
          className="link-button"
          aria-label={`New password: ${student.name}`}
          onClick={() => onReset(student)}
        >
          New password
        </button>
        <span className="quiet"> · </span>
        <button
          type="button"
          className="link-button"
          aria-label={`Delete: ${student.name}`}
          onClick={() => onDelete(student.id)}
        >
          Delete
        </button>
      </td>
    </tr>
  );
}

/** The names on their lines, once the list is asked to be added: kept until it is, so that it is added once. */
interface Asked {
  readonly token: string;
  readonly names: string;
}

const namesIn = (text: string): string[] =>
  text
    .split('\n')
    .map((name) => name.trim())
    .filter((name) => name !== '');

/** The names as they are typed, and their being added: once, however often it is asked for. */
function useAdding(id: string) {
  const queries = useQueryClient();
  const [names, setNames, clear] = useKept(`students.${id}`, '');
  const [asked, setAsked, forget] = useKept<Asked | null>(`students-asked.${id}`, null);
  const add = useMutation({
    mutationFn: () => {
      const token = asked?.names === names ? asked.token : nanoid();
      setAsked({ token, names });
      return post(`groups/${id}/members`, { names: namesIn(names), token });
    },
    onSuccess: async () => {
      clear();
      forget();
      await queries.invalidateQueries({ queryKey: ['group', id] });
      await queries.invalidateQueries({ queryKey: ['groups'] });
    },
  });
  return { names, setNames, add };
}

function AddStudents({ id, group }: { id: string; group: string }) {
  const { names, setNames, add } = useAdding(id);
  return (
    <section className="paper">
      <h2>Add students</h2>
      <label htmlFor="student-names">A name on each line</label>
      <Input.TextArea
        id="student-names"
        rows={6}
        value={names}
        onChange={(event) => setNames(event.target.value)}
      />
      <div className="slip-actions">
        <Button
          type="primary"
          disabled={names.trim() === ''}
          loading={add.isPending}
          onClick={() => add.mutate()}
        >
          Add them
        </Button>
      </div>
      <Refusal of={add} />
      {add.data && <MadePasswords made={add.data.added} of={group} />}
    </section>
  );
}
