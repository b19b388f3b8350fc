import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState, type FormEvent } from 'react';
import { get, post } from '../../platform/api/client';
import { LeavingList } from '../../platform/leaving/LeavingList';
import { ListPage } from '../../platform/shell/ListPage';
import { Refusal } from '../../platform/shell/Refusal';

/** The class groups, and a way to make one. */
export default function GroupsPage() {
  const groups = useQuery({ queryKey: ['groups'], queryFn: () => get('groups') });
  return (
    <ListPage
      title="Class groups"
      of={groups}
      rows={groups.data?.map((group) => ({
        key: group.id,
        to: `/groups/${group.id}`,
        name: group.name,
        stands: `${group.students} students`,
      }))}
      empty="No class group yet. A class group is the students you teach together; make one below."
    >
      <LeavingList which={({ kind }) => kind === 'group'} />
      <NewGroup />
    </ListPage>
  );
}

function NewGroup() {
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const make = useMutation({
    mutationFn: () => post('groups', { name: name.trim() }),
    onSuccess: async () => {
      setName('');
      await queries.invalidateQueries({ queryKey: ['groups'] });
    },
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    make.mutate();
  };
  return (
    <>
      <form
        onSubmit={submit}
        className="narrow"
        style={{ display: 'flex', gap: '0.5rem', marginTop: '1rem' }}
      >
        <Input
          aria-label="Name of the new class group"
          placeholder="Name of a new class group"
          value={name}
          maxLength={140}
          onChange={(event) => setName(event.target.value)}
        />
        <Button htmlType="submit" loading={make.isPending}>
          Make it
        </Button>
      </form>
      <Refusal of={make} />
    </>
  );
}
