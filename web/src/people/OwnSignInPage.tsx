import { useQuery } from '@tanstack/react-query';
import type { Me } from '@gleddo/contract';
import { get } from '../api/client';
import { ChangePassword } from './ChangePassword';
import { OwnSessions } from './OwnSessions';
import { SecondFactor } from './SecondFactor';

/** One’s own way in: the password, a second device for those who mark, and where one is signed in. */
export default function OwnSignInPage() {
  const me = useQuery({ queryKey: ['me'], queryFn: () => get<Me>('me'), staleTime: Infinity });
  return (
    <>
      <div className="sheet-head">
        <h1>My sign-in</h1>
      </div>
      <main className="desk">
        <div className="columns">
          <OwnSessions />
          <div>
            <ChangePassword />
            {me.data?.role === 'instructor' && <SecondFactor />}
          </div>
        </div>
      </main>
    </>
  );
}
