import type { GuideAnswer } from '@gleddo/contract';
import { tickOfStep, type StepShown } from '@gleddo/core';
import { Button, Checkbox, Popconfirm } from 'antd';
import { Link, useLocation } from 'react-router';
import { Brief } from '../../book/words/Brief';
import { useSingleKey } from '../../platform/keyboard/single-keys';
import { Refusal } from '../../platform/shell/Refusal';
import styles from './guide.module.css';
import { Glossary } from '../../book/words/Glossary';
import { Hints } from './Hints';
import { QuestionField } from './QuestionField';
import {
  askedSays,
  countOf,
  currentOf,
  isDone,
  nextOpen,
  PART_NAMES,
  partOf,
  shareDone,
} from './step-state';
import type { Guiding } from './use-guiding';

interface StepListProps {
  readonly base: string;
  readonly guiding: Guiding;
}

/** What is to be done next: this step, where one is not at it yet; else the next that is open. Null: one is at it, or all is done. */
function useNext(
  { guide: { steps }, place }: GuideAnswer,
  current: StepShown | null,
  base: string,
) {
  const { pathname } = useLocation();
  const part = current && partOf(current);
  const isThere = part === null || pathname === `${base}/${part}`;
  if (current && !isDone(current, place) && !isThere) return current;
  const next = nextOpen(steps, place, current);
  return next === current ? null : next;
}

const HowFar = ({ many, share }: { readonly many: number; readonly share: number }) => (
  <div className={styles['far']}>
    <strong>{many === 1 ? '1 step' : `${many} steps`}</strong>
    <span className="quiet">{share} %</span>
    <div
      className={styles['bar']}
      data-drawn
      role="progressbar"
      aria-valuenow={share}
      aria-label="Done"
    >
      <div style={{ width: `${share}%` }} />
    </div>
  </div>
);

/** The steps of an exercise: where one is, what is asked here, what is done and what is open. */
export function StepList({ base, guiding }: StepListProps) {
  const { answer, goTo } = guiding;
  const { steps, assumes } = answer.guide;
  const current = currentOf(steps, answer.place);
  const share = Math.floor(100 * shareDone(steps, answer.place));
  const next = useNext(answer, current, base);
  const goNext = () => {
    if (next) goTo(next, base);
  };
  useSingleKey('.', goNext);
  return (
    <nav className={styles['steps']} aria-label="Steps">
      <HowFar many={steps.length} share={share} />
      {assumes !== '' && <Brief text={assumes} />}
      <ol>
        {steps.map((step, i) => (
          <StepRow key={step.id} {...{ step, base, guiding }} at={i} isCurrent={step === current} />
        ))}
      </ol>
      <div className={styles['after']}>
        {next && (
          <Button size="small" title="." onClick={goNext}>
            Next: {next.title}
          </Button>
        )}
        {share === 100 && <p className="is-met">✓ All that is asked for stands.</p>}
        <GoOn {...{ guiding, current }} />
        <Glossary />
      </div>
    </nav>
  );
}

interface StepRowProps extends StepListProps {
  readonly step: StepShown;
  readonly at: number;
  readonly isCurrent: boolean;
}

function StepRow({ step, at, base, guiding, isCurrent }: StepRowProps) {
  const { place } = guiding.answer;
  const before = guiding.answer.guide.steps[at - 1];
  const done = isDone(step, place);
  const isNewSection = step.section !== '' && step.section !== before?.section;
  return (
    <>
      {isNewSection && <li className={styles['section']}>{step.section}</li>}
      <li
        className={isCurrent ? styles['current'] : ''}
        aria-current={isCurrent ? 'step' : undefined}
      >
        <span className={`${styles['number']} ${done ? styles['done'] : ''}`} aria-hidden>
          {done ? '✓' : at + 1}
        </span>
        <div>
          <button
            type="button"
            className={styles['title']}
            onClick={() => guiding.goTo(step, base)}
          >
            {step.title}
            {done && <span className="sr-only"> (done)</span>}
          </button>
          <Asks step={step} guiding={guiding} />
          {isCurrent && <StepBody {...{ step, base, guiding }} />}
        </div>
      </li>
    </>
  );
}

function Asks({ step, guiding }: { step: StepShown; guiding: Guiding }) {
  const { place } = guiding.answer;
  if (step.asks.length > 0)
    return (
      <div className={styles['asks']}>
        {step.asks.map((asked) => (
          <div key={asked.kind}>{askedSays(asked)}</div>
        ))}
      </div>
    );
  const isTicked = countOf(step, place).done === 1;
  return (
    <Checkbox
      className={styles['tick'] ?? ''}
      checked={isTicked}
      disabled={!guiding.answer.mayAnswer}
      onChange={() => guiding.tick(tickOfStep(step.id))}
    >
      done
    </Checkbox>
  );
}

function StepBody({ step, base, guiding }: Omit<StepRowProps, 'at' | 'isCurrent'>) {
  const part = partOf(step);
  return (
    <div className={styles['body']}>
      {step.words !== '' && <Brief text={step.words} />}
      {step.figures.map((figure) => (
        <Figure key={figure.name} {...figure} />
      ))}
      {step.questions.map((question) => (
        <QuestionField
          key={question.id}
          question={question}
          disabled={!guiding.answer.mayAnswer}
          onAnswer={(answer) => guiding.answerTo(question.id, answer)}
        />
      ))}
      <Refusal of={guiding.put} />
      <Hints step={step} guiding={guiding} />
      {part !== null && <Link to={`${base}/${part}`}>Go to {PART_NAMES[part]}</Link>}
    </div>
  );
}

/** A check figure, and one’s own beside it: equal or not. */
function Figure({ name, value, own, agrees }: StepShown['figures'][number]) {
  return (
    <p className={styles['check']}>
      <strong>Check figure</strong> {name}
      <br />
      <strong>{value}</strong>{' '}
      <span className={agrees ? 'is-met' : 'is-missed'}>
        {agrees ? '✓ yours agrees' : `yours ${own}`}
      </span>
    </p>
  );
}

function costOf(goOnCost: number | null): string {
  if (goOnCost === null) return ' What you have not done yourself until then earns nothing.';
  if (goOnCost === 0) return '';
  return ` Each skipped step costs ${goOnCost} ${goOnCost === 1 ? 'point' : 'points'}.`;
}

/** Who is stuck, or comes late, goes on from the beginning of a later step. */
function GoOn({ guiding, current }: { guiding: Guiding; current: StepShown | null }) {
  const { mayGoOn, goOnCost, guide }: GuideAnswer = guiding.answer;
  const at = current ? guide.steps.indexOf(current) : -1;
  const later = guide.steps[at + 1];
  if (!mayGoOn || !later) return null;
  const cost = costOf(goOnCost);
  return (
    <>
      <Popconfirm
        title={`Go on from the beginning of “${later.title}”?`}
        description={`Your books are then as they should stand there; what they are now stays in the history.${cost}`}
        okText="Go on from there"
        cancelText="Stay here"
        onConfirm={() => guiding.goOnFrom(later)}
      >
        <button type="button" className="link-button">
          Stuck? Go on from the beginning of “{later.title}”
        </button>
      </Popconfirm>
      <Refusal of={guiding.goOn} />
    </>
  );
}
