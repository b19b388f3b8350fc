import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { SessionShown } from '@gleddo/contract';
import { Button } from 'antd';
import { ask, get } from '../../platform/api/client';
import { momentText } from '../../platform/figures/days';
import { Asking } from '../../platform/shell/Asking';
import { Refusal } from '../../platform/shell/Refusal';
import { browserText } from './browser-text';

/** Where one is signed in, with an end to each. */
export function OwnSessions() {
  const queries = useQueryClient();
  const sessions = useQuery({
    queryKey: ['sessions'],
    queryFn: () => get('me/sessions'),
    staleTime: 0,
  });
  const end = useMutation({
    mutationFn: (id: string) => ask('DELETE', `me/sessions/${id}`),
    onSettled: () => queries.invalidateQueries({ queryKey: ['sessions'] }),
  });
  return (
    <section className="paper">
      <h2>Where I am signed in</h2>
      {!sessions.data && <Asking of={sessions} what="Where you are signed in" />}
      <ul className="plain-list two-ends">
        {(sessions.data ?? []).map((each) => (
          <li key={each.id}>
            <Session of={each} />
            {!each.isThis && (
              <Button
                size="small"
                loading={end.isPending && end.variables === each.id}
                onClick={() => end.mutate(each.id)}
              >
                Sign out there
              </Button>
            )}
          </li>
        ))}
      </ul>
      <Refusal of={end} />
    </section>
  );
}

function Session({ of: { browser, isThis, begunAt, seenAt } }: { of: SessionShown }) {
  return (
    <span>
      {browserText(browser)}
      {isThis && <strong> · here</strong>}
      <br />
      <span className="quiet">
        since {momentText(begunAt)}, last used {momentText(seenAt)}
      </span>
    </span>
  );
}
