import type { Note, PairShown, ShownResult } from '@gleddo/contract';
import type { Book } from '@gleddo/core';
import { useState } from 'react';
import { moneyOf } from '../figures/money';
import { comparedPeriod } from './compared-period';
import { MarginNotes } from './MarginNotes';
import { lineNamesOf, markedRows } from './marked-rows';
import { MarkedSpread } from './MarkedSpread';

interface OwnMarkedProps {
  readonly work: Book;
  readonly results: readonly ShownResult[];
  readonly pairs: readonly PairShown[];
  readonly notes: readonly Note[];
  readonly points: number;
  readonly of: number;
}

/** A work with the notes in its margin, as a student gets it back. The key is not part of it. */
export function OwnMarked({ work, results, pairs, notes, points, of }: OwnMarkedProps) {
  const [active, setActive] = useState<number | null>(null);
  const period = comparedPeriod(results, work);
  const rows = markedRows({ key: null, work, pairs, results, period });
  return (
    <main className="marked-desk">
      <div className="marked-spread shows-theirs">
        <MarkedSpread
          {...{ rows, work, period, active }}
          money={moneyOf(work)}
          key_={null}
          shown="theirs"
          onlyDiffering={false}
        />
        <MarginNotes
          margin={rows.margin}
          lineNames={lineNamesOf(work)}
          onPoint={setActive}
          {...{ notes, points, of }}
        />
      </div>
    </main>
  );
}
