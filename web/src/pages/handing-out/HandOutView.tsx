import { useQuery } from '@tanstack/react-query';
import { mayAtLeast, type ExerciseAnswer, type GroupSummary } from '@gleddo/contract';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { get } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { Refusal } from '../../platform/shell/Refusal';
import { Series } from '../series/Series';
import { AtPlatform } from './AtPlatform';
import { Classes } from './Classes';
import { MoreTime } from './MoreTime';
import { OwnSheets } from './OwnSheets';
import { useHandOut } from './use-hand-out';
import type { LookedAt } from './look-through';
import { Solvable } from './Solvable';
import { OnTheWay } from './OnTheWay';
import { BY_LABEL } from '../../platform/figures/by-label';

interface HandOutProps {
  readonly exercise: ExerciseAnswer;
  /** Whether a student can know all of the key; null: not looked at yet. */
  readonly looked: LookedAt | null;
}

/** Hands an exercise out to class groups, each by itself, and takes it back from one. */
export function HandOutView({ exercise, looked }: HandOutProps) {
  const isOut = exercise.handedOutTo.length > 0;
  return (
    <main className="desk">
      <div className="columns">
        <div>
          <HandedOut exercise={exercise} />
          {looked && <Solvable looked={looked} />}
          <Series exercise={exercise} />
        </div>
        {isOut && (
          <div>
            <AtPlatform exerciseId={exercise.id} />
            <OnTheWay exercise={exercise} />
            <OwnSheets exercise={exercise} />
          </div>
        )}
      </div>
    </main>
  );
}

function HandedOut({ exercise }: { exercise: ExerciseAnswer }) {
  const isOut = exercise.handedOutTo.length > 0;
  return (
    <section className="paper">
      <h2>{isOut ? 'Handed out' : 'Hand out'}</h2>
      <p>
        {isOut
          ? `${counted(exercise.tries, 'student')} ${exercise.tries === 1 ? 'has' : 'have'} begun, ${exercise.handedIn} handed in and waiting for marks, ${exercise.givenBack} given back.`
          : 'Every student of the class group gets a book of their own, from the starting point, as soon as they begin.'}
      </p>
      {isOut && <Classes exercise={exercise} />}
      {isOut && <MoreTime exercise={exercise} />}
      {mayAtLeast(exercise.may, 'change') && <ToAnother exercise={exercise} />}
      {isOut && (
        <p>
          <Link to={`/results/${exercise.id}`}>See the results</Link>
        </p>
      )}
    </section>
  );
}

const NoGroupYet = () => (
  <p className="notice">
    There is no class group yet. Make one under <Link to="/groups">Class groups</Link>, then come
    back.
  </p>
);

const saidWith = (name: string, students: number): string =>
  `${name}, ${counted(students, 'student')}`;

/** A class, and behind it the groups within it. */
const asOptions = ({ id, name, students, parts }: GroupSummary) => [
  { value: id, label: saidWith(name, students) },
  ...parts.map((part) => ({
    value: part.id,
    label: saidWith(`${name} › ${part.name}`, part.students),
  })),
];

function ToAnother({ exercise }: { exercise: ExerciseAnswer }) {
  const groups = useQuery({ queryKey: ['groups'], queryFn: () => get('groups') });
  const [groupId, setGroupId] = useState<string | null>(null);
  const change = useHandOut(exercise);
  const has = new Set(exercise.handedOutTo.map(({ id }) => id));
  const others = (groups.data ?? [])
    .filter(({ shared }) => shared?.how !== 'assist')
    .flatMap(asOptions)
    .filter(({ value }) => !has.has(value));
  if (groups.isSuccess && groups.data.length === 0) return <NoGroupYet />;
  if (others.length === 0) return null;
  const handOut = () =>
    groupId !== null &&
    change.mutate({ what: 'hand-out', groupId }, { onSuccess: () => setGroupId(null) });
  return (
    <>
      <div style={{ display: 'flex', gap: '0.5rem', marginTop: '0.875rem' }}>
        <Select
          aria-label="Class group"
          style={{ flex: 1 }}
          placeholder={has.size > 0 ? 'Choose another class group' : 'Choose a class group'}
          value={groupId}
          showSearch={BY_LABEL}
          options={others}
          onChange={setGroupId}
        />
        <Button
          type="primary"
          disabled={groupId === null}
          loading={change.isPending}
          onClick={handOut}
        >
          {has.size > 0 ? 'Hand out to this one, too' : 'Hand out'}
        </Button>
      </div>
      <Refusal of={change} />
    </>
  );
}
