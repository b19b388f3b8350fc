import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Instructor, MadeLink, MadePassword } from '@gleddo/contract';
import { App, Button, Input } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { get, post } from '../../platform/api/client';
import { TableHead } from '../../platform/figures/TableHead';
import { useKept } from '../../platform/kept/use-kept';
import { LeavingList } from '../../platform/leaving/LeavingList';
import { useDeleting } from '../../platform/leaving/use-deleting';
import { Asking } from '../../platform/shell/Asking';
import { Refusal } from '../../platform/shell/Refusal';
import { HappenedList } from './HappenedList';
import { MadeLinkShown } from './MadeLinkShown';
import { MadePasswords } from './MadePasswords';

/** For the first instructor: the others, their passwords, and what happened lately. */
export default function PeoplePage() {
  const instructors = useQuery({
    queryKey: ['instructors'],
    queryFn: () => get('instructors'),
    staleTime: 0,
  });
  const [made, setMade] = useState<MadePassword | null>(null);
  const [link, setLink] = useState<MadeLink | null>(null);
  if (!instructors.data) return <Asking of={instructors} what="The list of people" />;
  return (
    <>
      <div className="sheet-head">
        <h1>People</h1>
      </div>
      <main className="desk">
        <div className="columns">
          <section className="paper">
            <h2>Instructors</h2>
            <Instructors list={instructors.data} onMade={setMade} onLink={setLink} />
          </section>
          <div>
            <AddInstructor onMade={setMade} />
            {link && (
              <section className="paper" aria-label="The link">
                <MadeLinkShown made={link} />
              </section>
            )}
            {made && (
              <section className="paper" aria-label="The new password">
                <MadePasswords made={[made]} of={made.name} />
              </section>
            )}
            <Lately />
          </div>
        </div>
      </main>
    </>
  );
}

interface InstructorsProps {
  readonly list: readonly Instructor[];
  onMade(made: MadePassword): void;
  onLink(made: MadeLink): void;
}

/** A new password for an instructor, asked about before. */
function useReset(onMade: (made: MadePassword) => void) {
  const { modal } = App.useApp();
  const queries = useQueryClient();
  const reset = useMutation({
    mutationFn: (id: string) => post(`instructors/${id}/password`),
    onSuccess: (made) => {
      onMade(made);
      void queries.invalidateQueries({ queryKey: ['happened'] });
    },
  });
  const askFirst = ({ id, name }: Instructor) =>
    modal.confirm({
      title: `Set a new password for ${name}?`,
      content: 'The old one stops working, and they are signed out wherever they are signed in.',
      okText: 'Set a new one',
      cancelText: 'Leave it',
      onOk: () => reset.mutateAsync(id).catch(() => undefined),
    });
  return { reset, askFirst };
}

const useLink = (onLink: (made: MadeLink) => void) =>
  useMutation({
    mutationFn: (id: string) => post(`instructors/${id}/link`),
    onSuccess: onLink,
  });

function Instructors({ list, onMade, onLink }: InstructorsProps) {
  const { reset, askFirst } = useReset(onMade);
  const give = useLink(onLink);
  const { onDelete, dialog } = useDeleting('person', (id) => list.filter((each) => each.id !== id));
  return (
    <>
      <table className="lines-table">
        <TableHead names={['Name', 'Signs in as', '']} figures={['Companies', 'Classes']} />
        <tbody>
          {list.map((each) => (
            <tr key={each.id}>
              <td>
                {each.name}
                {each.isHead && <span className="quiet"> · first instructor</span>}
              </td>
              <td className="quiet">{each.login}</td>
              <td>
                {!each.isHead && (
                  <ActsOn
                    of={each}
                    onReset={() => askFirst(each)}
                    onLink={() => give.mutate(each.id)}
                    onDelete={onDelete}
                  />
                )}
              </td>
              <td className="figure">{each.companies || '–'}</td>
              <td className="figure">{each.groups || '–'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Refusal of={reset} />
      <Refusal of={give} />
      <LeavingList which={({ id }) => list.some((each) => each.id === id)} />
      {dialog}
    </>
  );
}

interface ActsOnProps {
  readonly of: Instructor;
  onReset(): void;
  onLink(): void;
  onDelete(id: string): void;
}

const ActsOn = ({ of: { id, name }, onReset, onLink, onDelete }: ActsOnProps) => (
  <>
    <button
      type="button"
      className="link-button"
      aria-label={`A link to choose a password: ${name}`}
      onClick={onLink}
    >
      Link
    </button>
    <span className="quiet"> · </span>
    <button type="button" className="link-button" onClick={onReset}>
      New password
    </button>
    <span className="quiet"> · </span>
    <button
      type="button"
      className="link-button"
      aria-label={`Delete: ${name}`}
      onClick={() => onDelete(id)}
    >
      Delete
    </button>
  </>
);

function useNewInstructor(onMade: (made: MadePassword) => void) {
  const queries = useQueryClient();
  const [name, setName, clearName] = useKept('instructor.name', '');
  const [login, setLogin, clearLogin] = useKept('instructor.login', '');
  const add = useMutation({
    mutationFn: () => post('instructors', { name, login }),
    onSuccess: (made) => {
      clearName();
      clearLogin();
      onMade(made);
      void queries.invalidateQueries({ queryKey: ['instructors'] });
      void queries.invalidateQueries({ queryKey: ['happened'] });
    },
  });
  return { name, setName, login, setLogin, add };
}

function AddInstructor({ onMade }: { onMade(made: MadePassword): void }) {
  const { name, setName, login, setLogin, add } = useNewInstructor(onMade);
  return (
    <section className="paper">
      <h2>Add an instructor</h2>
      <p className="quiet">They have companies, exercises and classes of their own.</p>
      <div className="field">
        <label htmlFor="instructor-name">Their name</label>
        <Input
          id="instructor-name"
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <label htmlFor="instructor-login">Name to sign in with</label>
        <Input
          id="instructor-login"
          value={login}
          onChange={(event) => setLogin(event.target.value)}
        />
      </div>
      <Refusal of={add} />
      <Button
        type="primary"
        disabled={name.trim() === '' || login.trim() === ''}
        loading={add.isPending}
        onClick={() => add.mutate()}
      >
        Add
      </Button>
    </section>
  );
}

/** Who signed in, changed a mark, gave back, set a password. */
function Lately() {
  return (
    <section className="paper">
      <h2>Lately</h2>
      <HappenedList words="" most={30} />
      <p>
        <Link to="/house">All of it, with a search</Link>
      </p>
    </section>
  );
}
