import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { GroupAnswer } from '@gleddo/contract';
import { Button, Input } from 'antd';
import { useState, type FormEvent } from 'react';
import { ask } from '../../platform/api/client';
import { LeavingList } from '../../platform/leaving/LeavingList';
import { useDeleting } from '../../platform/leaving/use-deleting';
import { Refusal } from '../../platform/shell/Refusal';
import styles from './groups.module.css';

/** The class group itself: what it is called, and its end. */
export function GroupItself({ group }: { readonly group: GroupAnswer }) {
  const { id } = group;
  const { onDelete, dialog } = useDeleting('group');
  return (
    <section className="paper">
      <h2>The class group</h2>
      <Rename group={group} />
      {group.shared === null && (
        <>
          <p>When it is over: what hangs on the class is said before anything goes.</p>
          <Button onClick={() => onDelete(id)}>Delete this class group</Button>
        </>
      )}
      <LeavingList which={(each) => each.id === id} />
      {dialog}
    </section>
  );
}

function Rename({ group }: { readonly group: GroupAnswer }) {
  const queries = useQueryClient();
  const [name, setName] = useState(group.name);
  const rename = useMutation({
    mutationFn: () => ask('PATCH', `groups/${group.id}`, { name: name.trim() }),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['group', group.id] });
      await queries.invalidateQueries({ queryKey: ['groups'] });
    },
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    rename.mutate();
  };
  return (
    <form className={styles['in-a-row']} onSubmit={submit}>
      <Input
        aria-label="What the class group is called"
        value={name}
        maxLength={140}
        onChange={(event) => setName(event.target.value)}
      />
      <Button htmlType="submit" disabled={name.trim() === group.name} loading={rename.isPending}>
        Rename
      </Button>
      <Refusal of={rename} />
    </form>
  );
}
