import { ticksOf, type Band, type Book } from '@gleddo/core';
import { useMemo } from 'react';
import styles from './numbers.module.css';

/** A band laid flat: a tick for each number that the book has in it, so that free runs are seen. */
export function BandRuler({ book, band }: { book: Book; band: Band }) {
  const ticks = useMemo(() => {
    const numbers = book.accounts.flatMap(({ number }) => (number === null ? [] : [number]));
    return ticksOf([band], numbers)[0] ?? [];
  }, [book.accounts, band]);
  return (
    <span className={styles['band']} aria-hidden="true">
      {ticks.map((at) => (
        <i key={at} style={{ insetInlineStart: `${at * 100}%` }} />
      ))}
    </span>
  );
}
