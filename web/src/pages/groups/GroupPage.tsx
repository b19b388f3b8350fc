import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { get } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { Asking } from '../../platform/shell/Asking';
import { PageHead } from '../../platform/shell/PageHead';
import { AddStudents } from './AddStudents';
import { FormerMembers } from './FormerMembers';
import { GroupItself } from './GroupItself';
import { GroupTabs } from './GroupTabs';
import { Members } from './Members';

/** A class group: who is in it, and a way to put the school’s list beside it. */
export default function GroupPage() {
  const { id = '' } = useParams();
  const group = useQuery({
    queryKey: ['group', id],
    queryFn: () => get(`groups/${id}`),
  });
  if (!group.data) return <Asking of={group} what="The class group" />;
  const { name, members } = group.data;
  return (
    <>
      <PageHead path={{ to: '/groups', name: 'Class groups' }} title={name}>
        <GroupTabs id={id} />
      </PageHead>
      <main className="desk">
        <div className="columns">
          <section className="paper">
            <h2>{counted(members.length, 'student')}</h2>
            {members.length === 0 ? (
              <p className="quiet">
                Nobody yet. Paste the school’s list beside this, or a name on each line.
              </p>
            ) : (
              <Members group={group.data} />
            )}
            <FormerMembers group={group.data} />
          </section>
          <div>
            <AddStudents group={group.data} />
            <GroupItself group={group.data} />
          </div>
        </div>
      </main>
    </>
  );
}
