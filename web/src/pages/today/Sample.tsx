import type { SampleShown } from '@gleddo/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Popconfirm } from 'antd';
import { Link } from 'react-router';
import { ask, post } from '../../platform/api/client';
import { Refusal } from '../../platform/shell/Refusal';
import styles from './today.module.css';

/** Whatever was laid out or thrown away stands in many lists. */
function useSample(ask: () => Promise<unknown>) {
  const client = useQueryClient();
  return useMutation({ mutationFn: ask, onSuccess: () => client.invalidateQueries() });
}

/** A class to look around in: laid out for who wants to see it work first, and thrown away. */
export function Sample({ sample }: { readonly sample: SampleShown | null }) {
  return (
    <section className="paper" aria-label="A sample">
      <h2>{sample ? 'The sample' : 'Or look around first'}</h2>
      {sample ? <LaidOut sample={sample} /> : <LayOut />}
    </section>
  );
}

function LayOut() {
  const layOut = useSample(() => post('sample'));
  return (
    <>
      <p>
        A class of twelve, two exercises with works in every state, a company with its books. Nobody
        in it is real; all of it goes with one click.
      </p>
      <div className={styles['begin']}>
        <Button loading={layOut.isPending} onClick={() => layOut.mutate()}>
          Lay out a sample
        </Button>
      </div>
      <Refusal of={layOut} />
    </>
  );
}

const WhereToLook = ({ exerciseIds, groupId, companyBookId }: SampleShown) => {
  const [first] = exerciseIds;
  const last = exerciseIds.at(-1);
  return (
    <ul className={styles['look']}>
      {last && (
        <li>
          <Link to={`/results/${last}`}>The class’s results</Link>: works to mark, side by side
        </li>
      )}
      {first && (
        <li>
          <Link to={`/exercises/${first}`}>An exercise</Link>: its brief, its key, its checks
        </li>
      )}
      {companyBookId && (
        <li>
          <Link to={`/companies/${companyBookId}/chart`}>A company’s books</Link>: the chart is the
          statements
        </li>
      )}
      {groupId && (
        <li>
          <Link to={`/groups/${groupId}`}>The class group</Link>: its students and what they have
        </li>
      )}
    </ul>
  );
};

function LaidOut({ sample }: { readonly sample: SampleShown }) {
  const away = useSample(() => ask('DELETE', 'sample'));
  return (
    <>
      <WhereToLook {...sample} />
      <Popconfirm
        title="Throw the sample away?"
        description="Its class with its twelve students, its exercises, works and company are deleted. Nothing of yours is."
        okText="Throw it away"
        cancelText="No"
        onConfirm={() => away.mutate()}
      >
        <Button loading={away.isPending}>Throw the sample away</Button>
      </Popconfirm>
      <Refusal of={away} />
    </>
  );
}
