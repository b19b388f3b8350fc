import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { GroupSummary } from '@gleddo/contract';
import { Button, Input } from 'antd';
import { useState, type FormEvent } from 'react';
import { Link } from 'react-router';
import { get, post } from '../api/client';
import { Asking } from '../shell/Asking';

/** The class groups, and a way to make one. */
export default function GroupsPage() {
  const queries = useQueryClient();
  const groups = useQuery({ queryKey: ['groups'], queryFn: () => get<GroupSummary[]>('groups') });
  const [name, setName] = useState('');
  const make = useMutation({
    mutationFn: () => post<GroupSummary>('groups', { name: name.trim() }),
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
      <div className="sheet-head">
        <h1>Class groups</h1>
      </div>
      {!groups.data ? (
        <Asking of={groups} what="The list of class groups" />
      ) : (
        <main className="desk">
          <div className="paper narrow">
            {groups.data.length === 0 && (
              <p className="quiet">
                No class group yet. A class group is the students you teach together.
              </p>
            )}
            <ul className="plain-list">
              {groups.data.map((group) => (
                <li key={group.id}>
                  <Link className="row-link" to={`/groups/${group.id}`}>
                    <strong>{group.name}</strong>
                    <span className="end">{group.students} students</span>
                  </Link>
                </li>
              ))}
            </ul>
            <form onSubmit={submit} style={{ display: 'flex', gap: 8, marginTop: 16 }}>
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
            {make.error && (
              <p className="refusal" role="alert">
                {make.error.message}
              </p>
            )}
          </div>
        </main>
      )}
    </>
  );
}
