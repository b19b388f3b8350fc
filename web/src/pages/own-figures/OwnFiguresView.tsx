import type { ExerciseAnswer } from '@gleddo/contract';
import {
  namedIn,
  fixedFigures,
  setsOf,
  type AnswerKey,
  type Book,
  type ExerciseParts,
  type Guide,
  type OwnFigures,
} from '@gleddo/core';
import { Button, InputNumber } from 'antd';
import { useMemo, useState } from 'react';
import { counted } from '../../platform/figures/counted';
import { KeepParts } from '../parts/KeepParts';
import { useMadeKey } from '../handing-out/use-made-key';
import { useParts } from '../parts/use-parts';
import { DrawnNames } from './DrawnNames';
import { Places } from './Places';
import { Quantities } from './Quantities';
import { TrySeeds } from './TrySeeds';
import styles from './own-figures.module.css';

/** What is drawn for each student: quantities, formulas of amounts and dates, names. */
export function OwnFiguresView({ exercise }: { exercise: ExerciseAnswer }) {
  const known = useMadeKey(exercise);
  if (!known) return <main className="desk" aria-busy="true" />;
  return <Figures key={exercise.id} exercise={exercise} {...known} />;
}

/** Each amount for itself, from three fifths of what it is to seven. */
const EVERY_AMOUNT: OwnFigures = { each: { from: '0.6', to: '1.4' } };

const isNothing = (figures: OwnFigures): boolean => Object.keys(figures).length === 0;

/** The exercise with other figures; without any, its key says nothing of them. */
function withFigures(now: ExerciseParts, figures: OwnFigures): ExerciseParts {
  const { figures: _, ...others } = now.keyRules;
  return { ...now, keyRules: isNothing(figures) ? others : { ...others, figures } };
}

function useDraft(exercise: ExerciseAnswer) {
  const parts = useParts(exercise, 'figures');
  const { now, change } = parts;
  const draft = now.keyRules.figures ?? NO_FIGURES;
  return { parts, draft, setDraft: (next: OwnFigures) => change(withFigures(now, next)) };
}

const NO_FIGURES: OwnFigures = {};

interface FiguresProps {
  readonly exercise: ExerciseAnswer;
  readonly made: AnswerKey;
  readonly start: Book;
}

function Figures({ exercise, made, start }: FiguresProps) {
  const { parts, draft, setDraft } = useDraft(exercise);
  const [seed, setSeed] = useState(1);
  const keyNow = useMemo<AnswerKey>(() => ({ ...made, figures: draft }), [made, draft]);
  return (
    <main className="desk">
      <div className={styles['columns']}>
        <div>
          <Beginning figures={draft} {...{ exercise, made }} onChange={setDraft} />
          {!isNothing(draft) && <WordsAsMade exercise={exercise} made={made} />}
          <Quantities figures={draft} onChange={setDraft} />
          <DrawnNames figures={draft} onChange={setDraft} />
          <KeepParts label="Save the figures" of={parts} named={namedIn(made.book)} />
        </div>
        <div>
          <TrySeeds {...{ keyNow, start }} onSeed={setSeed} />
          <section className="paper" aria-label="The amounts">
            <label>
              As drawn for seed{' '}
              <InputNumber
                size="small"
                aria-label="Seed"
                min={1}
                max={1_000_000}
                precision={0}
                style={{ width: '5.625rem' }}
                value={seed}
                onChange={(value) => setSeed(value ?? 1)}
              />
            </label>
            <Places key={seed} {...{ keyNow, seed }} figures={draft} onChange={setDraft} />
          </section>
        </div>
      </div>
    </main>
  );
}

/** Figures in the words that would be wrong for everybody, since they stay as they were made. */
function WordsAsMade({ exercise, made }: Pick<FiguresProps, 'exercise' | 'made'>) {
  const { steps = [], assumes = '' } = exercise.guide as Guide;
  const words = [
    ...[exercise.brief, assumes],
    ...steps.map((step) => step.words ?? ''),
    ...made.questions.map(({ text }) => text),
  ];
  const found = fixedFigures(words.join('\n'), made.book);
  if (found.length === 0) return null;
  return (
    <p className="paper notice" role="status">
      The words still say {found.slice(0, 8).join('; ')}: amounts as they were made, the same for
      everybody. Put figures of the key in their place, such as {'{= opening("bank") }'}, or let the
      papers say them.
    </p>
  );
}

interface BeginningProps {
  readonly exercise: ExerciseAnswer;
  readonly made: AnswerKey;
  readonly figures: OwnFigures;
  onChange(figures: OwnFigures): void;
}

/** How many sets there are, and for how many students that is enough: ten for each. */
function HowManySets({ made, figures: { each } }: Pick<BeginningProps, 'made' | 'figures'>) {
  if (!each) return null;
  const sets = setsOf(made.book, each);
  if (sets >= MANY_SETS) return <p className="quiet">More than a million different sets.</p>;
  const enough = Math.floor(sets / 10);
  return (
    <p className={sets < FEW_SETS ? 'notice' : 'quiet'}>
      {counted(sets, 'different set')}: enough for {counted(enough, 'student')}.
      {sets < FEW_SETS && ' Give amounts formulas of their own, or make the book richer.'}
    </p>
  );
}

const MANY_SETS = 1_000_000;
/** Ten for each of thirty. */
const FEW_SETS = 300;

function Beginning({ exercise, made, figures, onChange }: BeginningProps) {
  const { begun } = exercise;
  return (
    <section className="paper">
      <h2>Own figures</h2>
      <p>
        Each student gets figures of their own, drawn from a seed; the key, the papers, the check
        figures and the questions move with them. Each amount is drawn for itself, as round as it
        is; what settles another, or is reckoned from it, moves with it.
      </p>
      <HowManySets {...{ made, figures }} />
      {begun > 0 && (
        <p className="notice">
          {counted(begun, 'student')} {begun === 1 ? 'has' : 'have'} begun: the figures stay as they
          are.
        </p>
      )}
      {isNothing(figures) ? (
        <Button type="primary" disabled={begun > 0} onClick={() => onChange(EVERY_AMOUNT)}>
          Vary every amount
        </Button>
      ) : (
        <Button disabled={begun > 0} onClick={() => onChange({})}>
          The same figures for everybody
        </Button>
      )}
    </section>
  );
}
