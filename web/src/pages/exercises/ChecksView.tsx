import type { ExerciseAnswer } from '@gleddo/contract';
import { pointsFollowing, usualAim, type KeyRulesFile } from '@gleddo/core';
import { InputNumber } from 'antd';
import { Link } from 'react-router';
import { useBookOf } from '../../book/open-book/book-of';
import { AimChoice } from './AimChoice';
import { ComparedDates } from './ComparedDates';
import { ComparedSettings } from './ComparedSettings';
import { KeepParts } from '../parts/KeepParts';
import { PointsOfChecks } from './PointsOfChecks';
import { PointsToEarn } from './PointsToEarn';
import { RulesOfTheTry } from './RulesOfTheTry';
import { useParts } from '../parts/use-parts';

/** What is compared, for how many points, at which dates; and the rules of the try. */
export function ChecksView({ exercise }: { exercise: ExerciseAnswer }) {
  const parts = useParts(exercise, 'checks');
  const { now } = parts;
  const { statementDates = [], settings = [] } = now.keyRules;
  const set = (rest: Partial<KeyRulesFile>) =>
    parts.change({ ...now, keyRules: { ...now.keyRules, ...rest } });
  return (
    <main className="desk">
      <div className="columns wide-left">
        <WhatIsChecked {...{ exercise, rules: now.keyRules }} onChange={set} />
        <div>
          <section className="paper">
            <h2>When the statements are compared</h2>
            <ComparedDates
              dates={statementDates}
              onChange={(next) => set({ statementDates: [...next] })}
            />
          </section>
          <ComparedSettings settings={settings} onChange={(next) => set({ settings: next })} />
          <RulesOfTheTry rules={now.rules} onChange={(rules) => parts.change({ ...now, rules })} />
          <p className="quiet">
            What else is accepted, and what may be left out, stands under{' '}
            <Link to={`/exercises/${exercise.id}/also-right`}>Also right</Link>.
          </p>
          <KeepParts label="Save the checks" of={parts} />
        </div>
      </div>
    </main>
  );
}

interface WhatIsCheckedProps {
  readonly exercise: ExerciseAnswer;
  readonly rules: KeyRulesFile;
  onChange(rules: Partial<KeyRulesFile>): void;
}

function WhatIsChecked({ exercise, rules, onChange }: WhatIsCheckedProps) {
  const key = useBookOf(exercise.keyBookId);
  if (!key) return <section className="paper" aria-busy="true" />;
  const { points = {}, aim = usualAim(key), total = null } = rules;
  return (
    <section className="paper">
      <h2>What it is about</h2>
      <AimChoice
        aim={aim}
        onAim={(next) => onChange({ aim: next, points: pointsFollowing(points) })}
      />
      <WholeCounts total={total} onTotal={(next) => onChange({ total: next ?? undefined })} />
      <PointsToEarn exercise={exercise} rules={rules} />
      <PointsOfChecks
        weighing={{ aim, points }}
        onChange={(check, value) => onChange({ points: { ...points, [check]: value } })}
      />
    </section>
  );
}

/** What a work without a fault counts, where that is not what its points add up to. */
function WholeCounts({
  total,
  onTotal,
}: {
  readonly total: number | null;
  onTotal(total: number | null): void;
}) {
  return (
    <div style={{ marginBlock: '0.75rem' }}>
      <label>
        The whole counts{' '}
        <InputNumber
          size="small"
          min={1}
          max={1000}
          precision={0}
          style={{ width: '4.5rem' }}
          placeholder="–"
          value={total}
          onChange={onTotal}
        />
      </label>{' '}
      <span className="quiet">
        {total === null
          ? 'as many points as there are to earn. Give a number (20, 100) to have marks out of it.'
          : 'points: marks are the share of the points earned, to the nearest whole one.'}
      </span>
    </div>
  );
}
