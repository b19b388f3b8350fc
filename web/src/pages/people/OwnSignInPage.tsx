import { useQuery } from '@tanstack/react-query';
import type { Me } from '@gleddo/contract';
import { Button } from 'antd';
import { get } from '../../platform/api/client';
import { LeavingList } from '../../platform/leaving/LeavingList';
import { useDeleting } from '../../platform/leaving/use-deleting';
import { ChangePassword } from './ChangePassword';
import { OwnLetters } from './OwnLetters';
import { OwnSessions } from './OwnSessions';
import { SecondFactor } from './SecondFactor';

/** All that is kept of oneself, as a file. */
function OwnData({ me }: { me: Me | undefined }) {
  const { onDelete, dialog } = useDeleting('person');
  return (
    <section className="paper">
      <h2>What is kept of me</h2>
      <p>
        Your works and answers, or your companies and exercises, where you were signed in, and what
        was written down of it: one file of an open format.
      </p>
      <Button href="/api/me/data" download="gleddo-own-data.json">
        Take it along
      </Button>{' '}
      {me?.role === 'student' && <Button onClick={() => onDelete(me.id)}>Have it deleted</Button>}
      <LeavingList which={({ id }) => id === me?.id} />
      {dialog}
    </section>
  );
}

/** One’s own way in: the password, a second device for those who mark, and where one is signed in. */
export default function OwnSignInPage() {
  const me = useQuery({ queryKey: ['me'], queryFn: () => get('me'), staleTime: Infinity });
  return (
    <>
      <div className="sheet-head">
        <h1>My sign-in</h1>
      </div>
      <main className="desk">
        <div className="columns">
          <div>
            <OwnSessions />
            <OwnData me={me.data} />
          </div>
          <div>
            <ChangePassword />
            {me.data?.role === 'instructor' && <SecondFactor />}
            {me.data && <OwnLetters isInstructor={me.data.role === 'instructor'} />}
          </div>
        </div>
      </main>
    </>
  );
}
