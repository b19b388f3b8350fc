import { useMutation, useQuery } from '@tanstack/react-query';
import type { GroupAnswer, MadeLink, MadePassword, Member } from '@gleddo/contract';
import { STUDENT_FIELDS, type ListedStudent } from '@gleddo/core';
import { App, Button, Input, Modal, Select } from 'antd';
import { useState, type FormEvent } from 'react';
import { get, post } from '../../platform/api/client';
import { BY_LABEL } from '../../platform/figures/by-label';
import { Refusal } from '../../platform/shell/Refusal';
import { MadeLinkShown } from '../people/MadeLinkShown';
import { MadePasswords } from '../people/MadePasswords';
import styles from './groups.module.css';
import { useStudentChange } from './use-student-change';

interface StudentProps {
  readonly group: GroupAnswer;
  readonly student: Member;
}

interface StudentDialogProps extends StudentProps {
  onDelete(id: string): void;
  onClose(): void;
}

type Change = ReturnType<typeof useStudentChange>;

/** One student: what is known of them, their password, where they are, and whether there are two of them. */
export function StudentDialog({ group, student, onDelete, onClose }: StudentDialogProps) {
  const change = useStudentChange(group);
  return (
    <Modal open title={student.name} footer={null} onCancel={onClose} destroyOnHidden>
      <div className={styles['student']}>
        {student.mayChange ? (
          <Known {...{ student, change }} />
        ) : (
          <p className="notice">
            {student.name} is in a colleague’s class, too: the head of the house changes what is
            known of them, and sets new passwords.
          </p>
        )}
        {student.mayChange && <NewPassword {...{ group, student }} />}
        <Where {...{ group, student, change, onClose }} />
        {student.mayChange && <Twice {...{ group, student, change, onClose }} />}
        {student.mayChange && (
          <section>
            <p className="quiet">What is kept of them is said before it goes.</p>
            <Button
              onClick={() => {
                onClose();
                onDelete(student.id);
              }}
            >
              Delete {student.name}
            </Button>
          </section>
        )}
        <Refusal of={change} />
      </div>
    </Modal>
  );
}

function Known({ student, change }: { readonly student: Member; readonly change: Change }) {
  const [said, setSaid] = useState<ListedStudent>(student);
  const isSame = STUDENT_FIELDS.every(([field]) => said[field].trim() === student[field]);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const { name, number, email } = said;
    change.mutate({ what: 'change', id: student.id, to: { name, number, email } });
  };
  return (
    <form onSubmit={submit}>
      {STUDENT_FIELDS.map(([field, label]) => (
        <label key={field} className={styles['known']}>
          <span>{label}</span>
          <Input
            value={said[field]}
            maxLength={200}
            onChange={(event) => setSaid({ ...said, [field]: event.target.value })}
          />
        </label>
      ))}
      <Button type="primary" htmlType="submit" disabled={isSame} loading={change.isPending}>
        Save
      </Button>
    </form>
  );
}

function NewPassword({ group, student }: StudentProps) {
  const [made, setMade] = useState<MadePassword | null>(null);
  const [link, setLink] = useState<MadeLink | null>(null);
  const give = useMutation({
    mutationFn: () => post(`groups/${group.id}/members/${student.id}/link`),
    onSuccess: setLink,
  });
  const reset = useMutation({
    mutationFn: () => post(`groups/${group.id}/members/${student.id}/password`),
    onSuccess: setMade,
  });
  return (
    <section>
      <p className="quiet">
        A new password ends the old one, and signs {student.name} out wherever they are signed in.
      </p>
      <Button loading={reset.isPending} onClick={() => reset.mutate()}>
        Set a new password
      </Button>{' '}
      <Button loading={give.isPending} onClick={() => give.mutate()}>
        A link to choose one
      </Button>
      <Refusal of={reset} />
      <Refusal of={give} />
      {link && <MadeLinkShown made={link} />}
      {made && <MadePasswords made={[made]} of={made.name} />}
    </section>
  );
}

interface LeavesProps extends StudentProps {
  readonly change: Change;
  onClose(): void;
}

function Where({ group, student, change, onClose }: LeavesProps) {
  const { id } = student;
  const [to, setTo] = useState<string | null>(null);
  const groups = useQuery({ queryKey: ['groups'], queryFn: () => get('groups') });
  const others = (groups.data ?? []).filter(
    (each) => each.id !== group.id && each.shared?.how !== 'assist',
  );
  return (
    <section>
      <p className="quiet">What they did in this class stays with its exercises.</p>
      <div className={styles['in-a-row']}>
        <Button onClick={() => change.mutate({ what: 'take-out', id }, { onSuccess: onClose })}>
          Take out of this class
        </Button>
        {others.length > 0 && (
          <>
            <Select
              aria-label="To which class"
              placeholder="another class"
              showSearch={BY_LABEL}
              value={to}
              options={others.map((each) => ({ value: each.id, label: each.name }))}
              onChange={setTo}
            />
            <Button
              disabled={to === null}
              onClick={() =>
                to !== null && change.mutate({ what: 'move', id, to }, { onSuccess: onClose })
              }
            >
              Move there
            </Button>
          </>
        )}
      </div>
    </section>
  );
}

const puttingTogether = (student: Member, other: Member) => ({
  title: `Put ${student.name} (${student.login}) to ${other.name} (${other.login})?`,
  content: 'This can’t be undone: from then on they are one person.',
  okText: 'Put together',
  cancelText: 'Leave it',
});

/** Two sign-ins that are one person. */
function Twice({ group, student, change, onClose }: LeavesProps) {
  const { modal } = App.useApp();
  const [into, setInto] = useState<string | null>(null);
  const { id } = student;
  const others = [...group.members, ...group.former].filter((each) => each.id !== id);
  if (others.length === 0) return null;
  const other = others.find((each) => each.id === into);
  const askFirst = () =>
    other &&
    modal.confirm({
      ...puttingTogether(student, other),
      onOk: () => change.mutate({ what: 'merge', id, into: other.id }, { onSuccess: onClose }),
    });
  return (
    <section>
      <p className="quiet">
        There are two of them? Their works, classes and answers go to the other one, who signs in as
        before; {student.login} is no more.
      </p>
      <div className={styles['in-a-row']}>
        <Select
          aria-label="Who is the same person"
          placeholder="the same person"
          showSearch={BY_LABEL}
          value={into}
          options={others.map(({ id: value, name, login }) => ({
            value,
            label: `${name} (${login})`,
          }))}
          onChange={setInto}
        />
        <Button disabled={into === null} onClick={askFirst}>
          Put together
        </Button>
      </div>
    </section>
  );
}
