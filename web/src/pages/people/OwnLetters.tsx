import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { OwnLetters as Shown, OwnLettersRequest } from '@gleddo/contract';
import { Button, Input, Switch } from 'antd';
import { useState } from 'react';
import { ask, get } from '../../platform/api/client';
import { Refusal } from '../../platform/shell/Refusal';

const KEY = ['me', 'letters'];

function useWanting() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (wanted: OwnLettersRequest) => ask('PUT', 'me/letters', wanted),
    onSuccess: (now) => queries.setQueryData(KEY, now),
  });
}

interface OwnLettersProps {
  /** An instructor says where theirs go; a student’s e-mail stands in the class list. */
  readonly isInstructor: boolean;
}

/** Whether somebody gets letters, and where they go. */
export function OwnLetters({ isInstructor }: OwnLettersProps) {
  const own = useQuery({ queryKey: KEY, queryFn: () => get('me/letters') });
  const wanting = useWanting();
  if (!own.data) return null;
  const { email, isWanted } = own.data;
  return (
    <section className="paper" aria-label="Letters">
      <h2>Letters</h2>
      {isInstructor ? (
        <Address key={email} email={email} wanting={wanting} />
      ) : (
        <ForStudents {...own.data} />
      )}
      {email !== '' && (
        <label>
          <Switch
            checked={isWanted}
            loading={wanting.isPending}
            onChange={(next) => wanting.mutate({ isWanted: next })}
          />{' '}
          {isWanted ? 'They come' : 'None comes'}
        </label>
      )}
      <Refusal of={wanting} />
    </section>
  );
}

const ForStudents = ({ email }: Shown) => (
  <>
    <p>
      When something was handed out, closes soon, was given back or answered: one letter a day at
      most
      {email === '' ? (
        '.'
      ) : (
        <>
          , to <strong>{email}</strong>.
        </>
      )}
    </p>
    {email === '' && (
      <p className="quiet">
        No e-mail of yours is known here. Whoever teaches you can write it down.
      </p>
    )}
  </>
);

interface AddressProps {
  readonly email: string;
  readonly wanting: ReturnType<typeof useWanting>;
}

/** Where an instructor’s letters go: written down by themselves. */
function Address({ email, wanting }: AddressProps) {
  const [typed, setTyped] = useState(email);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        wanting.mutate({ email: typed });
      }}
    >
      <p>
        When somebody asks about a note, an exercise closes, a work can’t be checked, and once a day
        what came in: one letter a day at most. No name and no mark stands in it.
      </p>
      <div className="list-tools">
        <Input
          aria-label="E-mail for letters"
          type="email"
          placeholder="name@school.example"
          value={typed}
          maxLength={200}
          onChange={(event) => setTyped(event.target.value)}
        />
        <Button htmlType="submit" disabled={typed.trim() === email}>
          Save
        </Button>
      </div>
    </form>
  );
}
