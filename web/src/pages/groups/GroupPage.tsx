import { useQuery } from '@tanstack/react-query';
import type { GroupAnswer } from '@gleddo/contract';
import { useParams } from 'react-router';
import { get } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { Asking } from '../../platform/shell/Asking';
import { PageHead } from '../../platform/shell/PageHead';
import { ShareWith } from '../../platform/sharing/ShareWith';
import { sharedSaid } from '../../platform/sharing/shared-words';
import { AddStudents } from './AddStudents';
import { FormerMembers } from './FormerMembers';
import { GroupItself } from './GroupItself';
import { GroupTabs } from './GroupTabs';
import { Members } from './Members';
import { Parts } from './Parts';

/** A class group: who is in it, and a way to put the school’s list beside it. */
export default function GroupPage() {
  const { id = '' } = useParams();
  const group = useQuery({
    queryKey: ['group', id],
    queryFn: () => get(`groups/${id}`),
  });
  if (!group.data) return <Asking of={group} what="The class group" />;
  const { name, shared } = group.data;
  const isTaught = shared?.how !== 'assist';
  return (
    <>
      <PageHead path={{ to: '/groups', name: 'Class groups' }} title={name}>
        <GroupTabs id={id} />
        <span className="actions">
          {shared === null ? (
            <ShareWith kind="groups" id={id} name={name} />
          ) : (
            <span className="quiet">{sharedSaid(shared)}</span>
          )}
        </span>
      </PageHead>
      <main className="desk">
        <div className="columns">
          <Students group={group.data} isTaught={isTaught} />
          {isTaught && (
            <div>
              <AddStudents group={group.data} />
              <Parts group={group.data} />
              <GroupItself group={group.data} />
            </div>
          )}
        </div>
      </main>
    </>
  );
}

interface StudentsProps {
  readonly group: GroupAnswer;
  /** Who only assists changes nobody. */
  readonly isTaught: boolean;
}

function Students({ group, isTaught }: StudentsProps) {
  return (
    <section className="paper">
      <h2>{counted(group.members.length, 'student')}</h2>
      {group.members.length === 0 ? (
        <p className="quiet">
          Nobody yet. Paste the school’s list beside this, or a name on each line.
        </p>
      ) : (
        <Members group={group} mayChange={isTaught} />
      )}
      {isTaught && <FormerMembers group={group} />}
    </section>
  );
}
