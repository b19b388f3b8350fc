import type { ExerciseAnswer } from '@gleddo/contract';
import { InputNumber } from 'antd';
import styles from '../making/exercises.module.css';

type Asks = Pick<ExerciseAnswer, 'askLimit' | 'askPause'>;

/** How often a student may ask for a check while working, and how long they wait in between. */
export function AskRules({ rules, onChange }: { rules: Asks; onChange(asks: Asks): void }) {
  const { askLimit, askPause } = rules;
  return (
    <div className={styles['ask-rules']}>
      <label>
        At most{' '}
        <InputNumber
          size="small"
          min={1}
          max={99}
          value={askLimit}
          placeholder="any"
          onChange={(value) => onChange({ askLimit: value, askPause })}
        />{' '}
        times
      </label>
      <label>
        with{' '}
        <InputNumber
          size="small"
          min={0}
          max={1440}
          value={askPause}
          onChange={(value) => onChange({ askLimit, askPause: value ?? 0 })}
        />{' '}
        minutes in between
      </label>
      <p className="quiet">
        Leave the first empty for as often as they like. Students see what is left.
      </p>
    </div>
  );
}
