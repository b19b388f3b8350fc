import type { QuestionShown } from '@gleddo/core';
import { Checkbox, Input, Radio, Select } from 'antd';
import { useEffect, useState } from 'react';
import { useShownBook } from '../../book/open-book/open-book';
import { Brief } from '../../book/words/Brief';
import { BY_LABEL } from '../../platform/figures/by-label';
import { DayField } from '../../platform/figures/DayField';
import { useKept } from '../../platform/kept/use-kept';
import { useSteady } from '../../platform/kept/use-steady';
import styles from './guide.module.css';

interface FieldProps {
  readonly question: QuestionShown;
  readonly label: string;
  readonly disabled: boolean;
  onAnswer(answer: string): void;
}

/** A question beside the book, and its answer, kept as it is given. */
export function QuestionField({ question: asked, ...props }: Omit<FieldProps, 'label'>) {
  const [answer, onAnswer] = useGiven(asked, props.onAnswer);
  const question = { ...asked, answer };
  const label = question.text.split('\n')[0] ?? '';
  return (
    <div className={styles['question']} role="group" aria-label={label}>
      <Brief text={question.text} />
      <Field {...props} {...{ question, label, onAnswer }} />
    </div>
  );
}

/** An answer stands here until the server has it: not lost by a refresh or a lost connection, which send it again. */
function useGiven(
  question: QuestionShown,
  onAnswer: (answer: string) => void,
): [string, (answer: string) => void] {
  const { answer } = useShownBook();
  const name = `answer.${answer.id}.${question.id}`;
  const [given, setGiven, clear] = useKept<string | null>(name, null);
  const isKept = given === null || given === question.answer;
  const send = useSteady(() => {
    if (given !== null && !isKept) onAnswer(given);
  });
  useEffect(() => send(), [send]);
  useEffect(() => {
    if (given !== null && isKept) clear();
  }, [given, isKept, clear]);
  const give = (to: string) => {
    setGiven(to);
    onAnswer(to);
  };
  return [given ?? question.answer, give];
}

function Field(props: FieldProps) {
  const { question } = props;
  switch (question.kind) {
    case 'figure':
      return <FigureField {...props} />;
    case 'choice':
      return question.several ? <SeveralField {...props} /> : <ChoiceField {...props} />;
    case 'account':
      return <AccountField {...props} />;
    case 'date':
      return <DateField {...props} />;
    case 'side':
      return (
        <Radio.Group
          {...{ disabled: props.disabled }}
          value={question.answer}
          options={[
            { value: 'debit', label: 'Debit' },
            { value: 'credit', label: 'Credit' },
          ]}
          onChange={(event) => props.onAnswer(event.target.value as string)}
        />
      );
  }
}

/** What is typed is answered when one leaves the field, or with Enter. */
function FigureField({ question, label, disabled, onAnswer }: FieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? question.answer;
  const answer = () => {
    if (typed !== null && typed.trim() !== question.answer) onAnswer(typed.trim());
    setTyped(null);
  };
  return (
    <Input
      aria-label={label}
      inputMode="decimal"
      className={styles['figure'] ?? ''}
      maxLength={40}
      {...{ disabled }}
      value={shown}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={answer}
      onPressEnter={answer}
    />
  );
}

function ChoiceField({ question, disabled, onAnswer }: FieldProps) {
  return (
    <Radio.Group
      {...{ disabled }}
      className={styles['options'] ?? ''}
      value={question.answer}
      options={question.options.map((text, i) => ({ value: String(i), label: text }))}
      onChange={(event) => onAnswer(event.target.value as string)}
    />
  );
}

function SeveralField({ question, disabled, onAnswer }: FieldProps) {
  const chosen = question.answer === '' ? [] : question.answer.split(',');
  return (
    <Checkbox.Group
      {...{ disabled }}
      className={styles['options'] ?? ''}
      value={chosen}
      options={question.options.map((text, i) => ({ value: String(i), label: text }))}
      onChange={(values) => onAnswer([...values].sort().join(','))}
    />
  );
}

function AccountField({ question, label, disabled, onAnswer }: FieldProps) {
  const { book } = useShownBook();
  const options = book.accounts
    .filter(({ retired }) => !retired)
    .map(({ id, number, name }) => ({ value: id, label: `${number ?? ''} ${name}`.trim() }));
  const known = options.some(({ value }) => value === question.answer);
  return (
    <Select
      aria-label={label}
      showSearch={BY_LABEL}
      style={{ width: '100%' }}
      placeholder="Choose an account"
      {...{ disabled, options }}
      {...(known ? { value: question.answer } : {})}
      onChange={(id: string) => onAnswer(id)}
    />
  );
}

function DateField({ question, label, disabled, onAnswer }: FieldProps) {
  const { book } = useShownBook();
  const isAnswered = question.answer !== '';
  const [isOpen, setOpen] = useState(false);
  if (!isAnswered && !isOpen)
    return (
      <button
        type="button"
        className="link-button"
        disabled={disabled}
        onClick={() => setOpen(true)}
      >
        Choose a day
      </button>
    );
  return (
    <DayField
      label={label}
      {...{ disabled }}
      value={isAnswered ? question.answer : book.company.firstDay}
      onChange={onAnswer}
    />
  );
}
