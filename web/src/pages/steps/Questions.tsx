import {
  proposedQuestions,
  type AnswerKey,
  type ProposedQuestion,
  type Question,
} from '@gleddo/core';
import { Button, Select } from 'antd';
import { useMemo, useState } from 'react';
import { BY_LABEL } from '../../platform/figures/by-label';
import { freshId, pointsRef, withoutQuestion, withQuestion } from './guide-draft';
import { QuestionEditor } from './QuestionEditor';
import type { StepEditorProps } from './step-editor-props';
import styles from './steps.module.css';

const BLANK: ProposedQuestion = { kind: 'figure', text: 'A question', right: 'total("profit")' };

/** The questions of a step: proposed from the key or written, answered beside the book. */
export function Questions(props: StepEditorProps) {
  const { draft, step, onDraft } = props;
  const [open, setOpen] = useState<string | null>(null);
  const asked = draft.questions.filter(({ id }) => step.questions?.includes(id));
  const add = (question: ProposedQuestion) => {
    const id = freshId('q', draft.questions);
    onDraft(withQuestion(draft, { ...question, id } as Question, step));
    setOpen(id);
  };
  return (
    <div>
      <div>Questions</div>
      {asked.map((question) => (
        <AskedQuestion
          key={question.id}
          {...props}
          question={question}
          isOpen={open === question.id}
          onOpen={(isOpen) => setOpen(isOpen ? question.id : null)}
        />
      ))}
      <Propose keyNow={props.keyNow} onAdd={add} />{' '}
      <Button size="small" onClick={() => add(BLANK)}>
        Write a question
      </Button>
    </div>
  );
}

interface AskedQuestionProps extends StepEditorProps {
  readonly question: Question;
  readonly isOpen: boolean;
  onOpen(isOpen: boolean): void;
}

function AskedQuestion({
  question,
  isOpen,
  onOpen,
  keyNow,
  draft,
  step,
  onDraft,
}: AskedQuestionProps) {
  const { id, text } = question;
  return (
    <div className={styles['asked']}>
      <button
        type="button"
        className="link-button"
        aria-expanded={isOpen}
        onClick={() => onOpen(!isOpen)}
      >
        {text.split('\n')[0] || 'A question without words'}
      </button>
      {isOpen && (
        <QuestionEditor
          {...{ keyNow, question }}
          points={draft.points[pointsRef(id)] ?? null}
          onPoints={(points) =>
            onDraft({ ...draft, points: { ...draft.points, [pointsRef(id)]: points } })
          }
          onChange={(changed) => onDraft(withQuestion(draft, changed, step))}
          onRemove={() => onDraft(withoutQuestion(draft, id))}
        />
      )}
    </div>
  );
}

interface ProposeProps {
  readonly keyNow: AnswerKey;
  onAdd(question: ProposedQuestion): void;
}

function Propose({ keyNow, onAdd }: ProposeProps) {
  const proposals = useMemo(() => proposedQuestions(keyNow), [keyNow]);
  return (
    <Select
      size="small"
      aria-label="Ask something that the key proposes"
      placeholder="Ask something that the key proposes"
      style={{ width: '20rem' }}
      popupMatchSelectWidth={560}
      showSearch={BY_LABEL}
      options={proposals.map(({ text }, i) => ({ value: i, label: text }))}
      value={null}
      onChange={(at: number | null) => {
        const chosen = at === null ? undefined : proposals[at];
        if (chosen) onAdd(chosen);
      }}
    />
  );
}
