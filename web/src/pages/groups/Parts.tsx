import type { GroupAnswer, GroupPart, PartRequest } from '@gleddo/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox, Input, Modal } from 'antd';
import { useState, type FormEvent } from 'react';
import { ask, post } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { Refusal } from '../../platform/shell/Refusal';
import styles from './groups.module.css';
import { CHANGED } from './use-student-change';

interface PartsProps {
  readonly group: GroupAnswer;
}

/** Groups within the class: some of its students, to whom an exercise is handed out by itself. */
export function Parts({ group }: PartsProps) {
  const [open, setOpen] = useState<GroupPart | 'new' | null>(null);
  return (
    <section className="paper" aria-label="Groups within the class">
      <h2>Groups within the class</h2>
      <p className="quiet">
        The Tuesday group, those who come later, one student alone: handed out to by themselves,
        with times of their own.
      </p>
      <ul className={styles['parts']}>
        {group.parts.map((part) => (
          <li key={part.id}>
            <button type="button" className="link-button" onClick={() => setOpen(part)}>
              {part.name}
            </button>{' '}
            <span className="quiet">{counted(part.students, 'student')}</span>
          </li>
        ))}
      </ul>
      <Button disabled={group.members.length === 0} onClick={() => setOpen('new')}>
        New group
      </Button>
      {open !== null && (
        <PartDialog
          group={group}
          part={open === 'new' ? null : open}
          onClose={() => setOpen(null)}
        />
      )}
    </section>
  );
}

function usePart(group: GroupAnswer, part: GroupPart | null, onClose: () => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (to: PartRequest | 'delete') => {
      if (part === null) return post(`groups/${group.id}/parts`, to as PartRequest);
      const path = `groups/${group.id}/parts/${part.id}` as const;
      return to === 'delete' ? ask('DELETE', path) : ask('PUT', path, to);
    },
    onSuccess: async (answer) => {
      onClose();
      queries.setQueryData(['group', group.id], answer);
      for (const list of CHANGED) await queries.invalidateQueries({ queryKey: [list] });
    },
  });
}

interface PartDialogProps extends PartsProps {
  readonly part: GroupPart | null;
  onClose(): void;
}

function PartDialog({ group, part, onClose }: PartDialogProps) {
  const [name, setName] = useState(part?.name ?? '');
  const [members, setMembers] = useState<readonly string[]>(part?.members ?? []);
  const change = usePart(group, part, onClose);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    change.mutate({ name: name.trim(), members: [...members] });
  };
  const title = part === null ? 'A group within the class' : part.name;
  return (
    <Modal open title={title} footer={null} onCancel={onClose} destroyOnHidden>
      <form className={styles['part']} onSubmit={submit}>
        <label htmlFor="part-name">What it is called</label>
        <Input
          id="part-name"
          autoFocus
          value={name}
          maxLength={140}
          onChange={(event) => setName(event.target.value)}
        />
        <Checkbox.Group
          className={styles['who'] ?? ''}
          aria-label="Who is in it"
          value={[...members]}
          options={group.members.map((each) => ({ value: each.id, label: each.name }))}
          onChange={setMembers}
        />
        <div className={styles['in-a-row']}>
          <Button type="primary" htmlType="submit" loading={change.isPending}>
            Keep it
          </Button>
          {part !== null && (
            <Button onClick={() => change.mutate('delete')}>Delete this group</Button>
          )}
        </div>
        <Refusal of={change} />
      </form>
    </Modal>
  );
}
