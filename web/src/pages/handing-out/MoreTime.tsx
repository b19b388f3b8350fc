import { useQueries } from '@tanstack/react-query';
import type { ExerciseAnswer, GroupAnswer } from '@gleddo/contract';
import { momentSaid } from '@gleddo/core';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { get } from '../../platform/api/client';
import { BY_LABEL } from '../../platform/figures/by-label';
import { Refusal } from '../../platform/shell/Refusal';
import { MomentField } from '../../platform/times/MomentField';
import { useNow } from '../../platform/times/use-now';
import { useMoreTime } from './use-hand-out';
import styles from './times.module.css';

/** Who has more time than their class: told to nobody else. */
export function MoreTime({ exercise }: { readonly exercise: ExerciseAnswer }) {
  const { handedOutTo, moreTime } = exercise;
  const change = useMoreTime(exercise);
  const now = useNow();
  const zone = handedOutTo[0]?.times.zone ?? 'UTC';
  if (
    handedOutTo.every(({ times }) => times.closesAt === null && times.minutes === null) &&
    moreTime.length === 0
  )
    return null;
  return (
    <details className={styles['more']} open={moreTime.length > 0}>
      <summary>More time for one student</summary>
      <ul>
        {moreTime.map(({ personId, student, until }) => (
          <li key={personId}>
            {student}: until {momentSaid(Date.parse(until), zone, now)}{' '}
            <button
              type="button"
              className="link-button"
              aria-label={`No more time for ${student}`}
              onClick={() => change.mutate({ personId, until: null })}
            >
              as the class
            </button>
          </li>
        ))}
      </ul>
      <GiveMore {...{ exercise, change, zone }} />
      <Refusal of={change} />
    </details>
  );
}

interface GiveMoreProps {
  readonly exercise: ExerciseAnswer;
  readonly change: ReturnType<typeof useMoreTime>;
  readonly zone: string;
}

function GiveMore({ exercise, change, zone }: GiveMoreProps) {
  const [personId, setPerson] = useState<string | null>(null);
  const [until, setUntil] = useState<string | null>(null);
  const students = useStudentsOf(exercise);
  const isReady = personId !== null && until !== null;
  const give = () =>
    isReady && change.mutate({ personId, until }, { onSuccess: () => setPerson(null) });
  return (
    <div className={styles['give']}>
      <Select
        aria-label="Who has more time"
        placeholder="Student"
        style={{ width: '12.5rem' }}
        showSearch={BY_LABEL}
        value={personId}
        options={students}
        onChange={setPerson}
      />
      <MomentField label="Until when" none="" {...{ zone, value: until }} onChange={setUntil} />
      <Button disabled={!isReady} loading={change.isPending} onClick={give}>
        Give more time
      </Button>
    </div>
  );
}

/** Those of a class who have the exercise: all of it, or of the groups within it that have it. */
function membersOf({ id, members, parts }: GroupAnswer, has: ReadonlySet<string>) {
  const own = new Set(parts.filter((part) => has.has(part.id)).flatMap((part) => part.members));
  return has.has(id) ? members : members.filter((each) => own.has(each.id));
}

function useStudentsOf({ handedOutTo }: ExerciseAnswer) {
  const has = new Set(handedOutTo.map(({ id }) => id));
  const classes = [...new Set(handedOutTo.map(({ classId }) => classId))];
  return useQueries({
    queries: classes.map((id) => ({
      queryKey: ['group', id],
      queryFn: () => get(`groups/${id}`),
    })),
    combine: (all) => {
      const students = all.flatMap(({ data }) => (data ? membersOf(data, has) : []));
      const names = new Map(students.map(({ id, name }) => [id, name] as const));
      return [...names].map(([value, label]) => ({ value, label }));
    },
  });
}
