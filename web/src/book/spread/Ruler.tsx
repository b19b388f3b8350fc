import { freeNumberAt, type Band } from '@gleddo/core';
import { memo, useState, type MouseEvent } from 'react';
import styles from './ruler.module.css';

interface RulerProps {
  readonly band: Band;
  /** Where numbers are taken, from 0 to 1. */
  readonly ticks: readonly number[];
  readonly taken: ReadonlySet<string>;
  readonly step: number;
  /** Absent where the book may not be changed. */
  readonly onPick?: ((number: string) => void) | undefined;
}

/** A section's band of numbers with a tick for each one taken; a click in a gap begins an account there. */
export const Ruler = memo(function Ruler({ band, ticks, taken, step, onPick }: RulerProps) {
  const [at, setAt] = useState<number | null>(null);
  const free = at === null || !onPick ? null : freeNumberAt(band, at, { taken, step });
  const positionOf = (event: MouseEvent) => {
    const { top, height } = event.currentTarget.getBoundingClientRect();
    return Math.max(0, Math.min(1, (event.clientY - top) / height));
  };
  return (
    <div
      className={styles['strip']}
      aria-hidden="true"
      title={onPick ? 'Click in a gap to begin an account with that number' : undefined}
      onMouseMove={(event) => setAt(positionOf(event))}
      onMouseLeave={() => setAt(null)}
      onClick={(event) => {
        const number = freeNumberAt(band, positionOf(event), { taken, step });
        if (number !== null) onPick?.(number);
      }}
    >
      <span className="end" style={{ top: 0 }}>
        {band.from}
      </span>
      <span className="end" style={{ bottom: 0 }}>
        {band.to}
      </span>
      {ticks.map((position) => (
        <i key={position} className={styles['tick']} style={{ top: `${position * 100}%` }} />
      ))}
      {free !== null && at !== null && (
        <span className={styles['ghost']} style={{ top: `${at * 100}%` }}>
          {free}
        </span>
      )}
    </div>
  );
});
