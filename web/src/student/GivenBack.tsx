import { useQuery } from '@tanstack/react-query';
import type { BookAnswer, MyTryDetail } from '@gleddo/contract';
import { bookFromJson } from '@gleddo/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { get } from '../api/client';
import { moneyOf } from '../figures/money';
import { comparedPeriod } from '../results/compared-period';
import { MarginNotes } from '../results/MarginNotes';
import { lineNamesOf, markedRows } from '../results/marked-rows';
import { MarkedSpread } from '../results/MarkedSpread';
import { Asking } from '../shell/Asking';
import { RETURNED_PARTS, WorkTabs } from '../work/WorkView';

/** The student's own work, given back, with the notes in its margin. The key is not part of it. */
export function GivenBack({ mine }: { mine: MyTryDetail }) {
  const answer = useQuery({
    queryKey: ['given-back', mine.bookId],
    queryFn: () => get<BookAnswer>(`books/${mine.bookId}`),
  });
  const [active, setActive] = useState<number | null>(null);
  const document = answer.data?.book;
  const work = useMemo(() => {
    const read = document ? bookFromJson(document) : null;
    return read?.ok ? read.value : null;
  }, [document]);
  if (!work) return <Asking of={answer} what="The work" />;
  const results = mine.results ?? [];
  const period = comparedPeriod(results, work);
  const rows = markedRows(null, work, mine.pairs ?? [], results, period);
  return (
    <>
      <div className="sheet-head">
        <h1>
          <Link
            to="/mine"
            className="path-link"
            aria-label="Back to my exercises"
            title="My exercises"
          >
            ‹
          </Link>{' '}
          {mine.title}
        </h1>
        <WorkTabs base={`/mine/${mine.exerciseId}`} parts={RETURNED_PARTS} />
      </div>
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
            notes={mine.notes ?? []}
            points={mine.points ?? 0}
            of={mine.of ?? 0}
            onPoint={setActive}
          />
        </div>
      </main>
    </>
  );
}
