import type { HintPiece, RulesOfTry } from '@gleddo/core';
import { InputNumber, Select } from 'antd';
import styles from '../making/exercises.module.css';

type Hints = Pick<RulesOfTry, 'hintsUpTo' | 'hintCost'>;

interface HintRulesProps {
  readonly rules: Hints;
  onChange(hints: Hints): void;
}

const NONE = 'none';

const UP_TO: readonly { readonly value: HintPiece | typeof NONE; readonly label: string }[] = [
  { value: NONE, label: 'none' },
  { value: 'where', label: 'where to look' },
  { value: 'rule', label: 'and the rule' },
  { value: 'example', label: 'and a like case' },
  { value: 'answer', label: 'and the answer' },
];

/** Help at a step that comes piece by piece: how far it goes, and what it costs. */
export function HintRules({ rules: { hintsUpTo, hintCost }, onChange }: HintRulesProps) {
  return (
    <>
      <label>
        Hints at a step, one by one:{' '}
        <Select
          aria-label="Hints at a step"
          value={hintsUpTo ?? NONE}
          options={[...UP_TO]}
          style={{ width: '10rem' }}
          onChange={(value: HintPiece | typeof NONE) =>
            onChange({ hintsUpTo: value === NONE ? null : value, hintCost })
          }
        />
      </label>
      {hintsUpTo !== null && (
        <div className={styles['ask-rules']}>
          <label>
            Each costs{' '}
            <InputNumber
              size="small"
              min={0}
              max={1000}
              precision={0}
              value={hintCost}
              onChange={(value) => onChange({ hintsUpTo, hintCost: value ?? 0 })}
            />{' '}
            {hintCost === 1 ? 'point' : 'points'}
          </label>
          <p className="quiet">
            They are counted where the class is at work; what they cost stands in the marked work.
            {hintsUpTo === 'answer' && ' What an answer gives earns nothing.'}
          </p>
        </div>
      )}
    </>
  );
}
