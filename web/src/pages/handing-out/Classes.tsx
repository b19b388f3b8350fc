import type { ExerciseAnswer, HandedOutTo } from '@gleddo/contract';
import { App } from 'antd';
import { useState } from 'react';
import { counted } from '../../platform/figures/counted';
import { momentText } from '../../platform/figures/days';
import { TableHead } from '../../platform/figures/TableHead';
import { Refusal } from '../../platform/shell/Refusal';
import { spanSaid } from '../../platform/times/times-said';
import { useNow } from '../../platform/times/use-now';
import { ClassTimes } from './ClassTimes';
import { useHandOut } from './use-hand-out';

/** The classes that have an exercise, from when to when; each is changed and taken back by itself. */
export function Classes({ exercise }: { exercise: ExerciseAnswer }) {
  const { modal } = App.useApp();
  const change = useHandOut(exercise);
  const [timed, setTimed] = useState<string | null>(null);
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
        <TableHead names={['Class group', 'Since', 'When it is open', '']} figures={['Begun']} />
        <tbody>
          {exercise.handedOutTo.map((group) => (
            <ClassRow
              key={group.id}
              of={group}
              onTakeBack={() => takeBack(group)}
              onTimes={() => setTimed(timed === group.id ? null : group.id)}
            />
          ))}
        </tbody>
      </table>
      {exercise.handedOutTo
        .filter(({ id }) => id === timed)
        .map((group) => (
          <ClassTimes key={group.id} of={group} exercise={exercise} onDone={() => setTimed(null)} />
        ))}
      <Refusal of={change} />
    </>
  );
}

interface ClassRowProps {
  readonly of: HandedOutTo;
  onTakeBack(): void;
  onTimes(): void;
}

function ClassRow({ of: group, onTakeBack, onTimes }: ClassRowProps) {
  const now = useNow();
  return (
    <tr>
      <td>{group.name}</td>
      <td className="quiet">{momentText(group.at)}</td>
      <td>
        <button
          type="button"
          className="link-button"
          aria-label={`When ${group.name} has it`}
          onClick={onTimes}
        >
          {spanSaid(group.times, now)}
        </button>
      </td>
      <td>
        <button
          type="button"
          className="link-button"
          style={{ whiteSpace: 'nowrap' }}
          onClick={onTakeBack}
        >
          Take back
        </button>
      </td>
      <td className="figure">{group.begun || '–'}</td>
    </tr>
  );
}
