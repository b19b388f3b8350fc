import { aimOf, usualWorth, type AnswerKey, type Step } from '@gleddo/core';
import { InputNumber } from 'antd';
import type { StepEditorProps } from './step-editor-props';
import styles from './steps.module.css';

interface Counted {
  readonly check: string;
  /** One of what counts, in a word. */
  readonly each: string;
  ids(step: Step, key: AnswerKey): readonly string[];
}

/** The entries that a step asks for, by themselves or by the papers that make them. */
function entriesOf({ entries = [], documents = [] }: Step, { book }: AnswerKey): string[] {
  const made = book.entries.filter(({ document }) => documents.includes(document ?? ''));
  return [...entries, ...made.map(({ id }) => id)];
}

const COUNTED: readonly Counted[] = [
  { check: 'account.present', each: 'account', ids: ({ accounts = [] }) => accounts },
  { check: 'opening.amount', each: 'opening balance', ids: ({ openings = [] }) => openings },
  { check: 'entry.present', each: 'entry', ids: entriesOf },
];

/** What each thing that a step asks for counts, all of a kind at once. */
export function StepPoints({ keyNow, draft, step, onDraft }: StepEditorProps) {
  const asked = COUNTED.map((each) => ({ ...each, ids: each.ids(step, keyNow) })).filter(
    ({ ids }) => ids.length > 0,
  );
  if (asked.length === 0) return null;
  return (
    <div className={styles['counts']}>
      In this step counts
      {asked.map(({ check, each, ids }) => (
        <label key={check}>
          each {each}{' '}
          <InputNumber
            size="small"
            min={0}
            max={1000}
            precision={0}
            style={{ width: '4rem' }}
            placeholder={String(usualWorth({ points: keyNow.points, aim: aimOf(keyNow) }, check))}
            value={sameOf(ids.map((id) => draft.points[`${check}:${id}`] ?? null))}
            onChange={(value) => {
              const own = Object.fromEntries(ids.map((id) => [`${check}:${id}`, value]));
              onDraft({ ...draft, points: { ...draft.points, ...own } });
            }}
          />
        </label>
      ))}
    </div>
  );
}

/** What all are; null where they differ, or are as usual. */
function sameOf(values: readonly (number | null)[]): number | null {
  const [first = null] = values;
  return values.every((each) => each === first) ? first : null;
}
