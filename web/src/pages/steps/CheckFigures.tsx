import type { AnswerKey, Step } from '@gleddo/core';
import { Button, Input } from 'antd';
import { FormulaField } from './FormulaField';
import styles from './steps.module.css';

type CheckFigure = NonNullable<Step['figures']>[number];

interface CheckFiguresProps {
  readonly keyNow: AnswerKey;
  readonly step: Step;
  onChange(step: Step): void;
}

const USUAL: CheckFigure = { name: 'Profit for the period', says: 'total("profit")' };

/** Figures that are published with a step, by which students test themselves. */
export function CheckFigures({ keyNow, step, onChange }: CheckFiguresProps) {
  const figures = step.figures ?? [];
  const put = (list: readonly CheckFigure[]) => onChange({ ...step, figures: [...list] });
  return (
    <div>
      {figures.map((figure, i) => (
        <FigureRow
          key={i}
          {...{ keyNow, figure }}
          at={i}
          onChange={(to) => put(figures.map((each, at) => (at === i ? to : each)))}
          onRemove={() => put(figures.filter((_, at) => at !== i))}
        />
      ))}
      <Button size="small" onClick={() => put([...figures, USUAL])}>
        Add a check figure
      </Button>
    </div>
  );
}

interface FigureRowProps {
  readonly keyNow: AnswerKey;
  readonly figure: CheckFigure;
  readonly at: number;
  onChange(figure: CheckFigure): void;
  onRemove(): void;
}

const FigureRow = ({ keyNow, figure, at, onChange, onRemove }: FigureRowProps) => (
  <div className={styles['row']}>
    <Input
      aria-label={`Check figure ${at + 1}, its name`}
      placeholder="Check figure: its name"
      maxLength={120}
      value={figure.name}
      onChange={(event) => onChange({ ...figure, name: event.target.value })}
    />
    <FormulaField
      keyNow={keyNow}
      label={`Check figure ${at + 1}`}
      value={figure.says}
      onChange={(says) => onChange({ ...figure, says })}
    />
    <Button
      size="small"
      type="text"
      aria-label={`Remove check figure ${at + 1}`}
      onClick={onRemove}
    >
      Remove
    </Button>
  </div>
);
