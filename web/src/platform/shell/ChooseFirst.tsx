import { useMutation, useQuery } from '@tanstack/react-query';
import type { Me } from '@gleddo/contract';
import { get, post } from '../api/client';
import { Asking } from './Asking';
import { ChoosePassword } from './ChoosePassword';
import { Cover } from './Cover';

/** Who came in by a password that the program made chooses one of their own before anything else. */
export function ChooseFirst({ me }: { readonly me: Me }) {
  const own = useQuery({
    queryKey: ['me', 'sign-in'],
    queryFn: () => get('me/sign-in'),
    staleTime: Infinity,
  });
  return (
    <Cover>
      {own.data ? (
        <ChoosePassword
          whose={{ name: me.name, login: own.data.login }}
          choose={(password) => post('me/first-password', { password })}
          besides={<NotMe />}
        />
      ) : (
        <Asking of={own} what="Your sign-in" />
      )}
    </Cover>
  );
}

/** The way out for who came in as somebody else. */
function NotMe() {
  const leave = useMutation({
    mutationFn: () => post('sign-out'),
    onSettled: () => window.location.assign('/'),
  });
  return (
    <p>
      <button type="button" className="link-button quiet" onClick={() => leave.mutate()}>
        This is not me: sign out
      </button>
    </p>
  );
}
