import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { AddedStudents, GroupAnswer } from '@gleddo/contract';
import { cellsToCsv } from '@gleddo/core';
import { Button, Input } from 'antd';
import { Link, useParams } from 'react-router';
import { get, post } from '../api/client';
import { download, fileNameOf } from '../files/download';
import { useKept } from '../kept/use-kept';
import { Asking } from '../shell/Asking';
import { TableHead } from '../figures/TableHead';

/** A class group: its students, and a way to add some. */
export default function GroupPage() {
  const { id = '' } = useParams();
  const group = useQuery({
    queryKey: ['group', id],
    queryFn: () => get<GroupAnswer>(`groups/${id}`),
  });
  if (!group.data) return <Asking of={group} what="The class group" />;
  const { name, members } = group.data;
  return (
    <>
      <div className="sheet-head">
        <h1>
          <Link to="/groups" className="path-link">
            Class groups
          </Link>{' '}
          › {name}
        </h1>
      </div>
      <main className="desk">
        <div className="columns">
          <section className="paper">
            <h2>{members.length} students</h2>
            {members.length === 0 ? (
              <p className="quiet">Nobody yet. Add them on the right, a name on each line.</p>
            ) : (
              <table className="lines-table">
                <TableHead names={['Name', 'Signs in as']} />
                <tbody>
                  {members.map((student) => (
                    <tr key={student.id}>
                      <td>{student.name}</td>
                      <td className="quiet">{student.login}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            )}
          </section>
          <AddStudents id={id} group={name} />
        </div>
      </main>
    </>
  );
}

function AddStudents({ id, group }: { id: string; group: string }) {
  const queries = useQueryClient();
  const [names, setNames, clear] = useKept(`students.${id}`, '');
  const add = useMutation({
    mutationFn: () =>
      post<AddedStudents>(`groups/${id}/members`, {
        names: names
          .split('\n')
          .map((name) => name.trim())
          .filter((name) => name !== ''),
      }),
    onSuccess: async () => {
      clear();
      await queries.invalidateQueries({ queryKey: ['group', id] });
      await queries.invalidateQueries({ queryKey: ['groups'] });
    },
  });
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
      {add.error && (
        <p className="refusal" role="alert">
          {add.error.message}
        </p>
      )}
      {add.data && <Passwords added={add.data.added} group={group} />}
    </section>
  );
}

function Passwords({ added, group }: { added: AddedStudents['added']; group: string }) {
  const rows = added.map(({ name, login, password }) => [name, login, password]);
  return (
    <div style={{ marginTop: 14 }}>
      <p className="notice">
        These passwords are shown only now. Pass them on, or save them first.
      </p>
      <table className="lines-table">
        <TableHead names={['Name', 'Signs in as', 'Password']} />
        <tbody>
          {rows.map(([name, login, password]) => (
            <tr key={login}>
              <td>{name}</td>
              <td>{login}</td>
              <td>
                <code>{password}</code>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="slip-actions">
        <Button
          onClick={() =>
            download(
              `${fileNameOf(group)}-passwords.csv`,
              'text/csv',
              cellsToCsv([['Name', 'Signs in as', 'Password'], ...(rows as string[][])]),
            )
          }
        >
          Save as CSV
        </Button>
      </div>
    </div>
  );
}
