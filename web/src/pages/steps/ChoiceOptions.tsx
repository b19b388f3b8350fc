import type { Question } from '@gleddo/core';
import { Button, Checkbox, Input } from 'antd';
import styles from './steps.module.css';

type ChoiceQuestion = Extract<Question, { kind: 'choice' }>;
type Option = ChoiceQuestion['options'][number];

interface ChoiceOptionsProps {
  readonly question: ChoiceQuestion;
  onChange(question: ChoiceQuestion): void;
}

const FEWEST = 2;
const MOST = 12;

/** The answers that one chooses from, and which of them are right. */
export function ChoiceOptions({ question, onChange }: ChoiceOptionsProps) {
  const { options } = question;
  const put = (list: readonly Option[]) => onChange({ ...question, options: [...list] });
  return (
    <>
      {options.map((option, i) => (
        <OptionRow
          key={i}
          option={option}
          at={i}
          isNeeded={options.length <= FEWEST}
          onChange={(to) => put(options.map((each, at) => (at === i ? to : each)))}
          onRemove={() => put(options.filter((_, at) => at !== i))}
        />
      ))}
      <div className={styles['line']}>
        <Button
          size="small"
          disabled={options.length >= MOST}
          onClick={() => put([...options, { text: '', right: 'false' }])}
        >
          Add an answer
        </Button>
        <Checkbox
          checked={question.several === true}
          onChange={(event) => onChange({ ...question, several: event.target.checked })}
        >
          Several may be chosen; a part that is right earns its part
        </Checkbox>
      </div>
    </>
  );
}

interface OptionRowProps {
  readonly option: Option;
  readonly at: number;
  readonly isNeeded: boolean;
  onChange(option: Option): void;
  onRemove(): void;
}

const OptionRow = ({ option, at, isNeeded, onChange, onRemove }: OptionRowProps) => (
  <div className={styles['option']}>
    <RightOrNot option={option} onChange={(right) => onChange({ ...option, right })} />
    <Input
      aria-label={`Answer ${at + 1}`}
      maxLength={300}
      value={option.text}
      onChange={(event) => onChange({ ...option, text: event.target.value })}
    />
    <Button size="small" type="text" disabled={isNeeded} onClick={onRemove}>
      Remove
    </Button>
  </div>
);

/** Ticked or not; where a formula says it, that is written. */
function RightOrNot({ option, onChange }: { option: Option; onChange(right: string): void }) {
  const isPlain = option.right === 'true' || option.right === 'false';
  if (!isPlain)
    return (
      <Input
        size="small"
        aria-label="When it is right, as a formula"
        value={option.right}
        onChange={(event) => onChange(event.target.value)}
      />
    );
  return (
    <Checkbox
      checked={option.right === 'true'}
      onChange={(event) => onChange(event.target.checked ? 'true' : 'false')}
    >
      right
    </Checkbox>
  );
}
