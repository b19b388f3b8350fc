import type { ExerciseAnswer } from '@gleddo/contract';
import {
  namedIn,
  fixedFigures,
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

/** A fifth less to two fifths more, in steps that keep most amounts whole. */
const EVERY_AMOUNT: OwnFigures = {
  quantities: [{ name: 'size', from: '0.6', to: '1.4', step: '0.05' }],
  everywhere: 'usual * size',
};

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
          <Beginning figures={draft} begun={exercise.begun} onChange={setDraft} />
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
                style={{ width: 90 }}
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
  readonly figures: OwnFigures;
  readonly begun: number;
  onChange(figures: OwnFigures): void;
}

function Beginning({ figures, begun, onChange }: BeginningProps) {
  return (
    <section className="paper">
      <h2>Own figures</h2>
      <p>
        Each student gets figures of their own, drawn from a seed; the key, the papers, the check
        figures and the questions move with them. What is drawn are quantities; amounts are formulas
        of them.
      </p>
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
