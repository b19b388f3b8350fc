import type { ExerciseAnswer } from '@gleddo/contract';
import {
  faultsOfGuide,
  faultsOfQuestions,
  proposedGuide,
  type AnswerKey,
  type Book,
  type Guide,
} from '@gleddo/core';
import { Button, Input } from 'antd';
import { useMemo, useState } from 'react';
import { useKept } from '../../kept/use-kept';
import { KeepRow } from '../KeepRow';
import type { KeyRules } from '../key-rules';
import { useChangeExercise } from '../use-exercise';
import { useMadeKey } from '../use-made-key';
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

/** As it stands: the guide, the key’s questions and what each thing counts. */
function keptOf({ guide, keyRules }: ExerciseAnswer): GuideDraft {
  const { questions = [], points = {} } = keyRules as KeyRules;
  const own = Object.fromEntries(Object.entries(points).filter(isOwn));
  return { guide: guide as Guide, questions, points: own };
}

/** The rules of the key with the questions, and what each thing counts. */
function rulesWith(rules: KeyRules, { questions, points }: GuideDraft): KeyRules {
  const others = Object.entries(rules.points ?? {}).filter((each) => !isOwn(each));
  const own = Object.entries(points).flatMap(([ref, value]) =>
    value === null ? [] : [[ref, value] as const],
  );
  return { ...rules, questions, points: Object.fromEntries([...others, ...own]) };
}

function useDraft(exercise: ExerciseAnswer) {
  const kept = useMemo(() => keptOf(exercise), [exercise]);
  const [typed, setTyped, clear] = useKept<GuideDraft | null>(`steps.${exercise.id}`, null);
  const change = useChangeExercise(exercise.id);
  const draft = typed ?? kept;
  const save = () =>
    change.mutate(
      { guide: draft.guide, keyRules: rulesWith(exercise.keyRules as KeyRules, draft) },
      { onSuccess: clear },
    );
  const isChanged = JSON.stringify(draft) !== JSON.stringify(kept);
  return { draft, setDraft: setTyped, change, save, isChanged };
}

interface StepsProps {
  readonly exercise: ExerciseAnswer;
  readonly made: AnswerKey;
  readonly start: Book;
}

function Steps({ exercise, made, start }: StepsProps) {
  const { draft, setDraft, change, save, isChanged } = useDraft(exercise);
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
          <KeepRow label="Save the steps" changed={isChanged} of={change} onKeep={save}>
            <span className="saved">{isChanged ? 'Not saved yet' : 'Saved'}</span>
          </KeepRow>
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
