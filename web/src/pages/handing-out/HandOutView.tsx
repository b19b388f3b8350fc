import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ExerciseAnswer, GroupSummary, HandedOutTo } from '@gleddo/contract';
import { App, Button, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { get, post } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { momentText } from '../../platform/figures/days';
import { TableHead } from '../../platform/figures/TableHead';
import { Refusal } from '../../platform/shell/Refusal';
import { Series } from '../series/Series';
import { OwnSheets } from './OwnSheets';
import { Solvable } from './Solvable';
import { OnTheWay } from './OnTheWay';
import { BY_LABEL } from '../../platform/figures/by-label';

/** Hands an exercise out to class groups, each by itself, and takes it back from one. */
export function HandOutView({ exercise }: { exercise: ExerciseAnswer }) {
  const isOut = exercise.handedOutTo.length > 0;
  return (
    <main className="desk">
      <div className="columns">
        <div>
          <HandedOut exercise={exercise} />
          <Solvable exercise={exercise} />
          <Series exercise={exercise} />
        </div>
        {isOut && (
          <div>
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
      <ToAnother exercise={exercise} />
      {isOut && (
        <p>
          <Link to={`/results/${exercise.id}`}>See the results</Link>
        </p>
      )}
    </section>
  );
}

/** Changes whom the exercise is handed out to. */
function useHandOut(exercise: ExerciseAnswer) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ what, ...body }: { what: 'hand-out' | 'take-back'; groupId: string }) =>
      post(
        `exercises/${exercise.id}/${what}`,
        what === 'take-back' ? { ...body, sure: true } : body,
      ),
    onSuccess: (changed) => {
      queries.setQueryData(['exercise', exercise.id], changed);
      void queries.invalidateQueries({ queryKey: ['exercises'] });
      void queries.invalidateQueries({ queryKey: ['results', exercise.id] });
    },
  });
}

function Classes({ exercise }: { exercise: ExerciseAnswer }) {
  const { modal } = App.useApp();
  const change = useHandOut(exercise);
  const takeBack = ({ id, name, begun }: HandedOutTo) =>
    modal.confirm({
      title: `Take it back from ${name}?`,
      content:
        begun === 0
          ? 'Nobody of the class has begun. They will no longer see it.'
          : `${counted(begun, 'student')} of the class ${begun === 1 ? 'has' : 'have'} begun. They keep their work and may finish it; nobody else of the class can begin.`,
      okText: 'Take it back',
      cancelText: 'Leave it',
      onOk: () => change.mutateAsync({ what: 'take-back', groupId: id }).catch(() => undefined),
    });
  return (
    <>
      <table className="lines-table">
        <TableHead names={['Class group', 'Since', '']} figures={['Begun']} />
        <tbody>
          {exercise.handedOutTo.map((group) => (
            <tr key={group.id}>
              <td>{group.name}</td>
              <td className="quiet">{momentText(group.at)}</td>
              <td>
                <button type="button" className="link-button" onClick={() => takeBack(group)}>
                  Take back
                </button>
              </td>
              <td className="figure">{group.begun || '–'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Refusal of={change} />
    </>
  );
}

const NoGroupYet = () => (
  <p className="notice">
    There is no class group yet. Make one under <Link to="/groups">Class groups</Link>, then come
    back.
  </p>
);

const asOption = ({ id, name, students }: GroupSummary) => ({
  value: id,
  label: `${name}, ${counted(students, 'student')}`,
});

function ToAnother({ exercise }: { exercise: ExerciseAnswer }) {
  const groups = useQuery({ queryKey: ['groups'], queryFn: () => get('groups') });
  const [groupId, setGroupId] = useState<string | null>(null);
  const change = useHandOut(exercise);
  const has = new Set(exercise.handedOutTo.map(({ id }) => id));
  const others = (groups.data ?? []).filter(({ id }) => !has.has(id));
  if (groups.isSuccess && groups.data.length === 0) return <NoGroupYet />;
  if (others.length === 0) return null;
  const handOut = () =>
    groupId !== null &&
    change.mutate({ what: 'hand-out', groupId }, { onSuccess: () => setGroupId(null) });
  return (
    <>
      <div style={{ display: 'flex', gap: 8, marginTop: 14 }}>
        <Select
          aria-label="Class group"
          style={{ flex: 1 }}
          placeholder={has.size > 0 ? 'Choose another class group' : 'Choose a class group'}
          value={groupId}
          showSearch={BY_LABEL}
          options={others.map(asOption)}
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
