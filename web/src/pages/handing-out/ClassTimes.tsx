import type { ExerciseAnswer, HandedOutTo, TimesShown } from '@gleddo/contract';
import { Button, InputNumber, Radio } from 'antd';
import { useState } from 'react';
import { counted } from '../../platform/figures/counted';
import { Refusal } from '../../platform/shell/Refusal';
import { MomentField } from '../../platform/times/MomentField';
import { COUNTS_SAID, isShut } from '../../platform/times/times-said';
import { useNow } from '../../platform/times/use-now';
import { useTimes } from './use-hand-out';
import styles from './times.module.css';

interface ClassTimesProps {
  readonly of: HandedOutTo;
  readonly exercise: ExerciseAnswer;
  onDone(): void;
}

const LATE = [
  { value: 'told', label: 'Late work is taken, and told' },
  { value: 'refused', label: 'What is open is handed in as it stands' },
] as const;

/** From when to when one class has the exercise, and what becomes of late work. */
export function ClassTimes({ of: group, exercise, onDone }: ClassTimesProps) {
  const [times, setTimes] = useState<TimesShown>(group.times);
  const change = useTimes(exercise);
  const { zone, shutsAt: _, ...said } = times;
  const save = () => change.mutate({ groupId: group.id, ...said }, { onSuccess: onDone });
  return (
    <section className={styles['times']} aria-label={`When ${group.name} has it`}>
      <TimesFields times={times} onChange={setTimes} />
      <WhatItMeans of={group} times={times} />
      <div className={styles['acts']}>
        <Button type="primary" loading={change.isPending} onClick={save}>
          Save the times
        </Button>
        <Button onClick={onDone}>Leave it</Button>
        <span className="quiet">Times are those of {zone}.</span>
      </div>
      <Refusal of={change} />
    </section>
  );
}

interface TimesFieldsProps {
  readonly times: TimesShown;
  onChange(times: TimesShown): void;
}

function TimesFields({ times, onChange }: TimesFieldsProps) {
  const { opensAt, closesAt, late, lateOff, zone } = times;
  return (
    <>
      <label>
        Opens
        <MomentField
          label="Opens"
          none="at once"
          {...{ zone, value: opensAt }}
          onChange={(at) => onChange({ ...times, opensAt: at })}
        />
      </label>
      <label>
        Closes
        <MomentField
          label="Closes"
          none="never"
          {...{ zone, value: closesAt }}
          onChange={(at) => onChange({ ...times, closesAt: at })}
        />
      </label>
      <Radio.Group
        aria-label="After the closing time"
        disabled={closesAt === null}
        value={late}
        options={[...LATE]}
        onChange={({ target }) => onChange({ ...times, late: target.value })}
      />
      {late === 'told' && closesAt !== null && (
        <LateOff value={lateOff} onChange={(off) => onChange({ ...times, lateOff: off })} />
      )}
      <Tries {...{ times, onChange }} />
    </>
  );
}

const COUNTS = (['best', 'last', 'mean'] as const).map((value) => ({
  value,
  label: COUNTS_SAID[value],
}));

/** How long a try lasts, how often one may try, and what counts then. */
function Tries({ times, onChange }: TimesFieldsProps) {
  const { minutes, tries, counts } = times;
  return (
    <>
      <label>
        A try lasts
        <span>
          <InputNumber
            {...{ min: 5, max: 1440, precision: 0, value: minutes, placeholder: 'no limit' }}
            aria-label="Minutes that a try lasts"
            onChange={(value) => onChange({ ...times, minutes: value })}
          />{' '}
          minutes from when it is begun
        </span>
      </label>
      <label>
        Tries
        <InputNumber
          {...{ min: 1, max: 20, precision: 0, value: tries, style: { width: '4.5rem' } }}
          aria-label="How often a student may try"
          onChange={(value) => onChange({ ...times, tries: value ?? 1 })}
        />
      </label>
      {tries > 1 && (
        <p className="quiet">
          Another begins once the one before is given back: whatever you show of that, the key above
          all, helps in the next.
        </p>
      )}
      {tries > 1 && (
        <Radio.Group
          aria-label="Which try counts"
          value={counts}
          options={COUNTS}
          onChange={({ target }) => onChange({ ...times, counts: target.value })}
        />
      )}
    </>
  );
}

interface LateOffProps {
  readonly value: number;
  onChange(value: number): void;
}

/** What each day costs that work comes late. */
function LateOff({ value, onChange }: LateOffProps) {
  return (
    <label>
      Takes off
      <span>
        <InputNumber
          {...{
            min: 0,
            max: 100,
            precision: 0,
            value,
            'aria-label': 'Per cent off for a late day',
          }}
          onChange={(off) => onChange(off ?? 0)}
        />{' '}
        % of the points for each day begun
      </span>
    </label>
  );
}

interface WhatItMeansProps {
  readonly of: HandedOutTo;
  readonly times: TimesShown;
}

/** What changes for those who have begun: said before it is saved. */
function WhatItMeans({ of: { begun, times: before }, times }: WhatItMeansProps) {
  const now = useNow();
  if (begun === 0) return null;
  const who = `${counted(begun, 'student')} ${begun === 1 ? 'has' : 'have'} begun`;
  if (isShut(times, now))
    return (
      <p className="notice">
        {who}. This has closed already: what is still open is handed in as it stands, within seconds
        of saving.
      </p>
    );
  if (times.opensAt !== null && Date.parse(times.opensAt) > now)
    return <p className="notice">{who}. They keep working; only others have to wait.</p>;
  if (times.minutes !== null && times.minutes !== before.minutes)
    return (
      <p className="notice">
        {who}. Their time runs from when they began: whose {times.minutes} minutes are over has what
        stands handed in, within seconds of saving.
      </p>
    );
  if (times.lateOff !== before.lateOff || times.closesAt !== before.closesAt)
    return (
      <p className="notice">
        {who}. What came late by these times has its points reckoned anew; what was given back
        stays.
      </p>
    );
  return null;
}
