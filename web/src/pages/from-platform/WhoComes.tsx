import { useMutation, useQuery } from '@tanstack/react-query';
import type { ArrivalShown } from '@gleddo/contract';
import { Button } from 'antd';
import { useNavigate, useParams } from 'react-router';
import { get, post } from '../../platform/api/client';
import { Asking } from '../../platform/shell/Asking';
import { Refusal } from '../../platform/shell/Refusal';

/** An instructor whom the school’s platform sends for the first time says that it is them. */
export default function WhoComes() {
  const { token = '' } = useParams();
  const who = useQuery({
    queryKey: ['platform-who', token],
    queryFn: () => post('platform/who', { token }),
    staleTime: Infinity,
    retry: false,
  });
  if (!who.data) return <Asking of={who} what="Who comes" />;
  return (
    <>
      <div className="sheet-head">
        <h1>From {who.data.platform}</h1>
      </div>
      <main className="desk">
        <section className="paper narrow">
          <Both token={token} who={who.data} />
        </section>
      </main>
    </>
  );
}

function Both({ token, who }: { readonly token: string; readonly who: ArrivalShown }) {
  const me = useQuery({ queryKey: ['me'], queryFn: () => get('me'), staleTime: Infinity });
  const go = useNavigate();
  const say = useMutation({
    mutationFn: () => post('platform/me', { token }),
    onSuccess: ({ to }) => go(to, { replace: true }),
  });
  const { platform, name } = who;
  return (
    <>
      <p>
        You come from {platform}, where you are called <strong>{name}</strong>. Here you are signed
        in as <strong>{me.data?.name}</strong>.
      </p>
      <p className="quiet">
        Is that both you? Say so once: from then on {platform} brings you in without a password.
      </p>
      <p>
        <Button type="primary" loading={say.isPending} onClick={() => say.mutate()}>
          Yes, both are me
        </Button>
      </p>
      <p className="quiet">Somebody else? Sign out, and sign in as yourself.</p>
      <Refusal of={say} />
    </>
  );
}
