import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ClassMixUps, MixUpRow } from '@gleddo/contract';
import { Select } from 'antd';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { get, post } from '../../platform/api/client';
import { BY_LABEL } from '../../platform/figures/by-label';
import { counted } from '../../platform/figures/counted';
import { GroupTabs } from '../groups/GroupTabs';
import { Asking } from '../../platform/shell/Asking';
import { Apart } from './Apart';
import type { Ask, AskingOf } from './asking-of';
import { MixUpBars } from './MixUpBars';
import styles from './mix-ups.module.css';

/** Asked fewer times than this, a share says little. */
const FEWEST = 10;

const shareOf = ({ asked, missed }: MixUpRow): number => missed / asked;

/** What a class does not tell apart: from its works and its drills; and a drill for those who need it. */
export default function MixUpsPage() {
  const { id = '' } = useParams();
  const [params, setParams] = useSearchParams();
  const student = params.get('student');
  const { found, ask } = useMixUps(id, student);
  if (!found.data) return <Asking of={found} what="What is mixed up" />;
  const { group, students, practised, exercises, people } = found.data;
  return (
    <>
      <div className="sheet-head">
        <h1>{group}</h1>
        <GroupTabs id={id} />
        <Select
          aria-label="Of whom"
          showSearch={BY_LABEL}
          popupMatchSelectWidth={false}
          value={student ?? ''}
          options={[
            { value: '', label: 'The whole class' },
            ...people.map((each) => ({ value: each.id, label: each.name })),
          ]}
          onChange={(who) => setParams(who === '' ? {} : { student: who }, { replace: true })}
        />
        <span className="quiet actions">
          over {counted(exercises.length, 'exercise')} and {counted(practised, 'practised name')} ·{' '}
          {counted(students, 'student')}
        </span>
      </div>
      <main className="desk">
        <MixedUp found={found.data} ask={ask} />
      </main>
    </>
  );
}

function useMixUps(id: string, student: string | null) {
  const queries = useQueryClient();
  const path = `groups/${id}/mix-ups` as const;
  const found = useQuery({
    queryKey: ['mix-ups', id, student],
    queryFn: () => get(student === null ? path : `${path}/${student}`),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
  const ask = useMutation({
    mutationFn: (what: Ask) => post(`${path}/drills`, what),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['mix-ups', id] }),
  });
  return { found, ask };
}

interface MixedUpProps {
  readonly found: ClassMixUps;
  readonly ask: AskingOf;
}

function MixedUp({ found, ask }: MixedUpProps) {
  const [chosen, choose] = useState<string | null>(null);
  const often = found.rows.filter(({ asked }) => asked >= FEWEST);
  const seldom = found.rows.length - often.length;
  const rows = [...often].sort((a, b) => shareOf(b) - shareOf(a));
  const shown = rows.find(({ distinction }) => distinction === chosen) ?? rows[0];
  if (!shown)
    return (
      <section className="paper">
        <p className="state-line">
          Nothing can be told yet. As soon as works are checked or names practised, it stands here
          what is taken for what.
        </p>
      </section>
    );
  return (
    <div className={styles['columns']}>
      <section className="paper" aria-label="What is taken for what">
        <h2>What is taken for what</h2>
        <MixUpBars rows={rows} shown={shown} onChoose={choose} />
        {seldom > 0 && (
          <p className="quiet">
            Asked fewer than ten times, not shown: {counted(seldom, 'distinction')}.
          </p>
        )}
      </section>
      <Apart row={shown} found={found} ask={ask} />
    </div>
  );
}
