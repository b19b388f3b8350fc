import type { Note, PairShown, ShownResult } from '@gleddo/contract';
import type { Book } from '@gleddo/core';
import { useState, type ReactNode } from 'react';
import { WritesDays } from '../../platform/figures/WritesDays';
import { moneyOf } from '../../platform/figures/money';
import { comparedPeriod } from '../marks/compared-period';
import { MarginNotes } from '../marks/MarginNotes';
import { lineNamesOf, markedRows } from '../marks/marked-rows';
import { MarkedSpread } from '../marks/MarkedSpread';
import styles from '../marks/marked.module.css';

interface OwnMarkedProps {
  readonly work: Book;
  readonly results: readonly ShownResult[];
  readonly pairs: readonly PairShown[];
  readonly notes: readonly Note[];
  readonly points: number | null;
  readonly of: number | null;
  readonly scaledFrom: number | null;
  /** The key’s book, where it is shown. */
  readonly keyBook?: Book | null;
  /** What can be done at a note. */
  toolsAt?(fault: ShownResult): ReactNode;
  readonly children?: ReactNode;
}

/** A work with the notes in its margin, as a student gets it back: beside the key only where that is shown. */
export function OwnMarked({
  work,
  results,
  pairs,
  notes,
  keyBook = null,
  toolsAt,
  children,
  ...marks
}: OwnMarkedProps) {
  const [active, setActive] = useState<number | null>(null);
  const period = comparedPeriod(results, work);
  const rows = markedRows({ key: keyBook, work, pairs, results, period });
  const shown = keyBook ? 'both' : 'theirs';
  return (
    <main className={styles['desk']}>
      <div className={`${styles['spread']} shows-${shown}`}>
        <WritesDays company={work.company}>
          <MarkedSpread
            {...{ rows, work, period, active }}
            money={moneyOf(work)}
            key_={keyBook}
            isOwn
            shown={shown}
            onlyDiffering={false}
          />
        </WritesDays>
        <MarginNotes
          margin={rows.margin}
          lineNames={lineNamesOf(work)}
          onPoint={setActive}
          {...{ notes, ...marks }}
          {...(toolsAt ? { toolsAt } : {})}
        >
          {children}
        </MarginNotes>
      </div>
    </main>
  );
}
