import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Switch } from 'antd';
import { ask, get } from '../../platform/api/client';
import { Refusal } from '../../platform/shell/Refusal';

const KEY = ['me', 'letters'];

function useWanting() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (isWanted: boolean) => ask('PUT', 'me/letters', { isWanted }),
    onSuccess: (now) => queries.setQueryData(KEY, now),
  });
}

/** Whether a student gets letters about their exercises. */
export function OwnLetters() {
  const own = useQuery({ queryKey: KEY, queryFn: () => get('me/letters') });
  const wanting = useWanting();
  if (!own.data) return null;
  const { email, isWanted } = own.data;
  return (
    <section className="paper" aria-label="Letters">
      <h2>Letters</h2>
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
      {email === '' ? (
        <p className="quiet">
          No e-mail of yours is known here. Whoever teaches you can write it down.
        </p>
      ) : (
        <label>
          <Switch
            checked={isWanted}
            loading={wanting.isPending}
            onChange={(next) => wanting.mutate(next)}
          />{' '}
          {isWanted ? 'They come' : 'None comes'}
        </label>
      )}
      <Refusal of={wanting} />
    </section>
  );
}
