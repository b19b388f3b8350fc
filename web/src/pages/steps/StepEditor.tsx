import { REVEALED, type Revealed, type Step } from '@gleddo/core';
import { Button, Input, Select } from 'antd';
import { AskedPicker } from './AskedPicker';
import { CheckFigures } from './CheckFigures';
import { InsertFigure } from './InsertFigure';
import { movedStep, withoutStep, withStep } from './guide-draft';
import { Questions } from './Questions';
import { Sheets } from './Sheets';
import { StepPoints } from './StepPoints';
import type { StepEditorProps } from './step-editor-props';
import styles from './steps.module.css';

/** One step, written: its words, what it asks for, figures to test oneself by, papers, questions. */
export function StepEditor(props: StepEditorProps) {
  const { keyNow, draft, step, onDraft } = props;
  const onStep = (changed: Step) => onDraft(withStep(draft, changed));
  return (
    <section className={`paper ${styles['editor']}`} aria-label="The step, written">
      <Titles step={step} onStep={onStep} />
      <label>
        Words <span className="quiet">(Markdown)</span>
        <Input.TextArea
          autoSize={{ minRows: 3, maxRows: 12 }}
          value={step.words ?? ''}
          maxLength={10_000}
          onChange={(event) => onStep({ ...step, words: event.target.value })}
        />
      </label>
      <InsertFigure
        keyNow={keyNow}
        onInsert={(figure) => onStep({ ...step, words: `${step.words ?? ''}${figure}` })}
      />
      <AskedPicker keyNow={keyNow} step={step} onChange={onStep} />
      <StepPoints {...props} />
      <CheckFigures keyNow={keyNow} step={step} onChange={onStep} />
      <Sheets {...props} />
      <Questions {...props} />
      <BringsIn step={step} onStep={onStep} />
      <StepActions draft={draft} step={step} onDraft={onDraft} />
    </section>
  );
}

interface TitlesProps {
  readonly step: Step;
  onStep(step: Step): void;
}

const Titles = ({ step, onStep }: TitlesProps) => (
  <div className={styles['pair']}>
    <label>
      Title
      <Input
        value={step.title}
        maxLength={120}
        onChange={(event) => onStep({ ...step, title: event.target.value })}
      />
    </label>
    <label>
      Section <span className="quiet">(a heading over it)</span>
      <Input
        value={step.section ?? ''}
        maxLength={120}
        onChange={(event) => onStep({ ...step, section: event.target.value })}
      />
    </label>
  </div>
);

const BROUGHT_NAMES: Readonly<Record<Revealed, string>> = {
  numbers: 'Account numbers',
  types: 'Types within a section',
  taxes: 'Tax lines and codes',
};

/** What beginners do not see before this step. */
const BringsIn = ({ step, onStep }: TitlesProps) => (
  <label>
    Brings in <span className="quiet">(kept back from students until this step)</span>
    <Select
      mode="multiple"
      aria-label="Brings in"
      style={{ width: '100%' }}
      placeholder="nothing: all is there from the beginning"
      options={REVEALED.map((value) => ({ value, label: BROUGHT_NAMES[value] }))}
      value={step.brings ?? []}
      onChange={(brings: Revealed[]) => onStep(bringing(step, brings))}
    />
  </label>
);

function bringing({ brings: _, ...step }: Step, brings: Revealed[]): Step {
  return brings.length === 0 ? step : { ...step, brings };
}

function StepActions({ draft, step, onDraft }: Omit<StepEditorProps, 'keyNow'>) {
  const steps = draft.guide.steps ?? [];
  const at = steps.findIndex(({ id }) => id === step.id);
  return (
    <div className="slip-actions">
      <Button
        size="small"
        disabled={at === 0}
        onClick={() => onDraft(movedStep(draft, step.id, -1))}
      >
        Up
      </Button>
      <Button
        size="small"
        disabled={at === steps.length - 1}
        onClick={() => onDraft(movedStep(draft, step.id, 1))}
      >
        Down
      </Button>
      <Button size="small" onClick={() => onDraft(withoutStep(draft, step.id))}>
        Remove this step
      </Button>
    </div>
  );
}
