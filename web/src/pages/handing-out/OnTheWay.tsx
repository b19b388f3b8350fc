import { useMutation, useQuery } from '@tanstack/react-query';
import type { ExerciseAnswer, LetGoOn } from '@gleddo/contract';
import type { Guide } from '@gleddo/core';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { get, post } from '../../platform/api/client';
import { BY_LABEL } from '../../platform/figures/by-label';
import { counted } from '../../platform/figures/counted';
import { TableHead } from '../../platform/figures/TableHead';
import { Refusal } from '../../platform/shell/Refusal';

/** What an instructor does for those who are on their way: lets them go on; sees how often they practised. */
export function OnTheWay({ exercise }: { exercise: ExerciseAnswer }) {
  const { steps = [] } = exercise.guide as Guide;
  return (
    <>
      {steps.length > 1 && exercise.begun > 0 && <LetThemGoOn exercise={exercise} steps={steps} />}
      {exercise.mayPractise && <Practised exerciseId={exercise.id} />}
    </>
  );
}

interface LetThemGoOnProps {
  readonly exercise: ExerciseAnswer;
  readonly steps: NonNullable<Guide['steps']>;
}

/** Who is stuck, or came late, goes on from the beginning of a step; it costs them nothing. */
function LetThemGoOn({ exercise, steps }: LetThemGoOnProps) {
  const [step, setStep] = useState<string | null>(null);
  const [tries, setTries] = useState<readonly string[]>([]);
  const go = useMutation({
    mutationFn: () => post(`exercises/${exercise.id}/let-skip-ahead`, { step: step ?? '', tries }),
  });
  return (
    <section className="paper" aria-label="Let them go on">
      <h2>Let them go on</h2>
      <p className="quiet">
        Their books are then as the key has them at the beginning of the step; what they were stays
        in the history. It costs them nothing.
      </p>
      <Select
        aria-label="From the beginning of which step"
        placeholder="From the beginning of which step"
        style={{ width: '18.75rem' }}
        options={steps.slice(1).map(({ id, title }) => ({ value: id, label: title }))}
        value={step}
        onChange={setStep}
      />
      <WhoWorks exerciseId={exercise.id} tries={tries} onTries={setTries} />
      <div className="slip-actions">
        <Button disabled={step === null} loading={go.isPending} onClick={() => go.mutate()}>
          {tries.length === 0 ? 'Let all go on' : `Let these ${tries.length} go on`}
        </Button>
        {go.data && <GoneOn count={go.data.count} />}
      </div>
      <Refusal of={go} />
    </section>
  );
}

const GoneOn = ({ count }: LetGoOn) => (
  <span className="is-met" role="status">
    ✓ {counted(count, 'student')} now {count === 1 ? 'goes' : 'go'} on from there.
  </span>
);

interface WhoWorksProps {
  readonly exerciseId: string;
  readonly tries: readonly string[];
  onTries(tries: readonly string[]): void;
}

function WhoWorks({ exerciseId, tries, onTries }: WhoWorksProps) {
  const results = useQuery({
    queryKey: ['results', exerciseId],
    queryFn: () => get(`exercises/${exerciseId}/results`),
  });
  const working = (results.data?.rows ?? []).filter(({ state }) => state === 'working');
  return (
    <Select
      mode="multiple"
      aria-label="Who"
      placeholder="all who work on it"
      style={{ width: '100%', marginTop: '0.5rem' }}
      showSearch={BY_LABEL}
      options={working.map(({ tryId, student }) => ({ value: tryId ?? '', label: student }))}
      value={[...tries]}
      onChange={onTries}
    />
  );
}

/** How often it was practised, and what came of it: nothing more. */
function Practised({ exerciseId }: { exerciseId: string }) {
  const practised = useQuery({
    queryKey: ['practised', exerciseId],
    queryFn: () => get(`exercises/${exerciseId}/practised`),
    staleTime: 0,
  });
  if (!practised.data) return null;
  return (
    <section className="paper" aria-label="Practised">
      <h2>Practised</h2>
      {practised.data.length === 0 ? (
        <p className="quiet">Nobody has practised it yet.</p>
      ) : (
        <table className="lines-table">
          <TableHead names={['Student']} figures={['How often', 'Right at last']} />
          <tbody>
            {practised.data.map(({ student, goes, share }) => (
              <tr key={student}>
                <td>{student}</td>
                <td className="figure">{goes}</td>
                <td className="figure">{share === null ? 'not checked' : `${share}%`}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
