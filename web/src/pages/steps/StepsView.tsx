import type { ExerciseAnswer } from '@gleddo/contract';
import {
  namedIn,
  faultsOfGuide,
  faultsOfQuestions,
  proposedGuide,
  type AnswerKey,
  type Book,
  type ExerciseParts,
} from '@gleddo/core';
import { Button, Input } from 'antd';
import { useMemo, useState } from 'react';
import { KeepParts } from '../parts/KeepParts';
import { useMadeKey } from '../handing-out/use-made-key';
import { useParts } from '../parts/use-parts';
import { freshId, keyWith, stepsOf, withStep, type GuideDraft } from './guide-draft';
import { GuidePreview } from './GuidePreview';
import { StepEditor } from './StepEditor';
import styles from './steps.module.css';
import { OwnWords } from './OwnWords';

/** What leads through the exercise: its steps, written beside what students will see. */
export function StepsView({ exercise }: { exercise: ExerciseAnswer }) {
  const known = useMadeKey(exercise);
  if (!known) return <main className="desk" aria-busy="true" />;
  return <Steps key={exercise.id} exercise={exercise} {...known} />;
}

/** Points of one account, entry or question, rather than of a whole check. */
const isOwn = ([ref]: readonly [string, unknown]): boolean => ref.includes(':');

/** The guide, the key’s questions and what each thing counts, of the exercise with what was changed here. */
function draftOf({ guide, keyRules }: ExerciseParts): GuideDraft {
  const { questions = [], points = {} } = keyRules;
  return { guide, questions, points: Object.fromEntries(Object.entries(points).filter(isOwn)) };
}

/** The exercise with them. */
function withDraft(now: ExerciseParts, { guide, questions, points }: GuideDraft): ExerciseParts {
  const others = Object.entries(now.keyRules.points ?? {}).filter((each) => !isOwn(each));
  const own = Object.entries(points).flatMap(([ref, value]) =>
    value === null ? [] : [[ref, value] as const],
  );
  const keyRules = {
    ...{ ...now.keyRules, questions: [...questions] },
    points: Object.fromEntries([...others, ...own]),
  };
  return { ...now, guide, keyRules };
}

function useDraft(exercise: ExerciseAnswer) {
  const parts = useParts(exercise, 'steps');
  const { now, change } = parts;
  const draft = useMemo(() => draftOf(now), [now]);
  return { parts, draft, setDraft: (next: GuideDraft) => change(withDraft(now, next)) };
}

interface StepsProps {
  readonly exercise: ExerciseAnswer;
  readonly made: AnswerKey;
  readonly start: Book;
}

function Steps({ exercise, made, start }: StepsProps) {
  const { parts, draft, setDraft } = useDraft(exercise);
  const [chosen, choose] = useState<string | null>(null);
  const keyNow = useMemo(() => keyWith(made, draft), [made, draft]);
  const steps = stepsOf(draft);
  const step = steps.find(({ id }) => id === chosen) ?? steps[0] ?? null;
  const propose = () => setDraft({ ...draft, guide: proposedGuide(keyNow, start) });
  const add = () => {
    const id = freshId('step', steps);
    setDraft(withStep(draft, { id, title: 'A step' }));
    choose(id);
  };
  return (
    <main className="desk">
      <div className={styles['columns']}>
        <div>
          {step ? (
            <>
              <StepTabs {...{ steps, step, choose, add }} />
              <StepEditor key={step.id} {...{ keyNow, draft, step }} onDraft={setDraft} />
              <Besides draft={draft} onDraft={setDraft} />
            </>
          ) : (
            <NoSteps propose={propose} add={add} />
          )}
          <WhatDoesNotFit draft={draft} keyNow={keyNow} />
          <KeepParts label="Save the steps" of={parts} named={namedIn(made.book)} />
        </div>
        <GuidePreview {...{ keyNow, start, draft, step }} onChoose={choose} />
      </div>
    </main>
  );
}

function NoSteps({ propose, add }: { propose(): void; add(): void }) {
  return (
    <section className="paper">
      <h2>No steps yet</h2>
      <p>
        Steps lead a student through the work: what is asked here, the papers to copy from, a figure
        to test oneself by, questions. Let the key propose them, and change them freely; the brief
        stays beside them.
      </p>
      <div className="slip-actions">
        <Button type="primary" onClick={propose}>
          Propose steps from the key
        </Button>
        <Button onClick={add}>Begin with an empty step</Button>
      </div>
    </section>
  );
}

interface StepTabsProps {
  readonly steps: readonly { readonly id: string; readonly title: string }[];
  readonly step: { readonly id: string };
  choose(id: string): void;
  add(): void;
}

const StepTabs = ({ steps, step, choose, add }: StepTabsProps) => (
  <div className={styles['tabs']} role="group" aria-label="Steps">
    {steps.map(({ id, title }, i) => (
      <button key={id} type="button" aria-pressed={id === step.id} onClick={() => choose(id)}>
        {i + 1} {title}
      </button>
    ))}
    <Button size="small" onClick={add}>
      Add a step
    </Button>
  </div>
);

function Besides({ draft, onDraft }: { draft: GuideDraft; onDraft(draft: GuideDraft): void }) {
  const { guide } = draft;
  return (
    <details className="paper">
      <summary>Said once for all steps</summary>
      <label>
        What is assumed throughout <span className="quiet">(Markdown, shown over the steps)</span>
        <Input.TextArea
          autoSize={{ minRows: 2, maxRows: 8 }}
          maxLength={4000}
          value={guide.assumes ?? ''}
          onChange={(event) =>
            onDraft({ ...draft, guide: { ...guide, assumes: event.target.value } })
          }
        />
      </label>
      <OwnWords draft={draft} onDraft={onDraft} />
    </details>
  );
}

function WhatDoesNotFit({ draft, keyNow }: { draft: GuideDraft; keyNow: AnswerKey }) {
  const faults = useMemo(
    () => [...faultsOfGuide(draft.guide, keyNow), ...faultsOfQuestions(keyNow)],
    [draft, keyNow],
  );
  if (faults.length === 0) return null;
  return (
    <ul className="notice" role="status">
      {faults.slice(0, 5).map(({ says, at }, i) => (
        <li key={i}>
          {says} <span className="quiet">{at}</span>
        </li>
      ))}
    </ul>
  );
}
