import {
  accountLabel,
  keyScope,
  rightAnswer,
  type AnswerKey,
  type Question,
  type QuestionKind,
} from '@gleddo/core';
import { Button, Input, InputNumber, Select } from 'antd';
import { BY_LABEL } from '../../platform/figures/by-label';
import { ChoiceOptions } from './ChoiceOptions';
import { FormulaField } from './FormulaField';
import styles from './steps.module.css';

interface QuestionEditorProps {
  readonly keyNow: AnswerKey;
  readonly question: Question;
  /** Null: as many as usual. */
  readonly points: number | null;
  onPoints(points: number | null): void;
  onChange(question: Question): void;
  onRemove(): void;
}

const KINDS: readonly { readonly value: QuestionKind; readonly label: string }[] = [
  { value: 'figure', label: 'a figure' },
  { value: 'choice', label: 'a choice' },
  { value: 'account', label: 'an account' },
  { value: 'date', label: 'a day' },
  { value: 'side', label: 'a side' },
];

/** The same words, asked for another kind of answer. */
function asKind({ id, text, explains }: Question, kind: QuestionKind): Question {
  const rest = { id, text, ...(explains === undefined ? {} : { explains }) };
  switch (kind) {
    case 'figure':
      return { ...rest, kind, right: 'total("profit")' };
    case 'choice':
      return {
        ...rest,
        kind,
        options: [
          { text: 'Yes', right: 'true' },
          { text: 'No', right: 'false' },
        ],
      };
    case 'account':
      return { ...rest, kind, right: [] };
    case 'date':
      return { ...rest, kind, right: '"2027-12-31"' };
    case 'side':
      return { ...rest, kind, right: '"debit"' };
  }
}

const USUAL_POINTS = 2;

/** A question, written, with its right answer as a formula over the key. */
export function QuestionEditor(props: QuestionEditorProps) {
  const { question, onChange } = props;
  return (
    <div className={styles['question']}>
      <Input.TextArea
        aria-label="The question"
        autoSize={{ minRows: 1, maxRows: 6 }}
        maxLength={2000}
        value={question.text}
        onChange={(event) => onChange({ ...question, text: event.target.value })}
      />
      <WhatItAsks {...props} />
      <Right {...props} />
      <Input
        aria-label="What is said to a wrong answer"
        placeholder="What is said to a wrong answer (may be left out)"
        maxLength={1000}
        value={question.explains ?? ''}
        onChange={(event) => onChange({ ...question, explains: event.target.value })}
      />
      <WhatIsWrong {...props} />
    </div>
  );
}

function WhatItAsks({ question, points, onPoints, onChange, onRemove }: QuestionEditorProps) {
  return (
    <div className={styles['line']}>
      It asks for{' '}
      <Select
        size="small"
        aria-label="What it asks for"
        style={{ width: '7.5rem' }}
        options={[...KINDS]}
        value={question.kind}
        onChange={(kind: QuestionKind) => onChange(asKind(question, kind))}
      />{' '}
      and counts{' '}
      <InputNumber
        size="small"
        aria-label="Points"
        min={0}
        max={1000}
        precision={0}
        style={{ width: '4rem' }}
        value={points ?? USUAL_POINTS}
        onChange={(value) => onPoints(value)}
      />
      <Button size="small" type="text" onClick={onRemove}>
        Remove
      </Button>
    </div>
  );
}

function Right({ keyNow, question, onChange }: QuestionEditorProps) {
  if (question.kind === 'choice') return <ChoiceOptions {...{ question, onChange }} />;
  if (question.kind === 'account') {
    const { accounts } = keyNow.book;
    return (
      <Select
        mode="multiple"
        aria-label="The right accounts"
        placeholder="The right accounts"
        style={{ width: '100%' }}
        showSearch={BY_LABEL}
        options={accounts.map((each) => ({ value: each.id, label: accountLabel(each) }))}
        value={[...question.right]}
        onChange={(right: string[]) => onChange({ ...question, right })}
      />
    );
  }
  return (
    <FormulaField
      keyNow={keyNow}
      label="The right answer"
      value={question.right}
      offered={OFFERED[question.kind](keyNow)}
      onChange={(right) => onChange({ ...question, right })}
    />
  );
}

const OFFERED = {
  figure: () => [],
  side: ({ book }: AnswerKey) => [
    { value: '"debit"', label: 'Debit' },
    { value: '"credit"', label: 'Credit' },
    ...book.accounts.map(({ id, name }) => ({
      value: `side(${JSON.stringify(id)})`,
      label: `Normal side of ${name}`,
    })),
  ],
  date: ({ book }: AnswerKey) =>
    book.entries.map(({ id, text, date }) => ({
      value: `date(${JSON.stringify(id)})`,
      label: `Day of ${text || date}`,
    })),
} as const;

function WhatIsWrong({ keyNow, question }: QuestionEditorProps) {
  const right = rightAnswer(question, keyNow.book, keyScope(keyNow));
  return right.ok ? null : <p className="is-missed">{right.refusals[0]?.says}</p>;
}
