import type { ClassResults } from '@gleddo/contract';
import type { Handout } from '@gleddo/core';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { get } from '../../platform/api/client';
import { fileNameOf, saveBytes } from '../../book/files/download';
import { Refusal } from '../../platform/shell/Refusal';
import { paperOfMarked } from './mark-paper';
import styles from '../../book/handouts/handout.module.css';

/** Fetches the works one after the other, so that a class of any size keeps nobody waiting; it can be ended. */
function useMaking({ rows, title }: ClassResults) {
  const [made, setMade] = useState<number | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const ended = useRef(false);
  const ids = rows.flatMap(({ tryId, points }) =>
    tryId === null || points === null ? [] : [tryId],
  );
  const end = () => {
    ended.current = true;
    setMade(null);
  };
  useEffect(() => {
    ended.current = false;
    return () => {
      ended.current = true;
    };
  }, []);
  const make = async () => {
    const sheets: Handout[] = [];
    for (const [i, id] of ids.entries()) {
      if (ended.current) return;
      setMade(i);
      sheets.push(...paperOfMarked(await get(`tries/${id}`)));
    }
    const { toPdf } = await import('../../book/handouts/to-pdf');
    const pdf = await toPdf(sheets, title);
    if (!ended.current) saveBytes(`${fileNameOf(title)}-mark-sheets.pdf`, pdf);
  };
  const begin = () => {
    ended.current = false;
    setRefused(null);
    make()
      .catch(() => setRefused('The mark sheets could not be made just now. Try again.'))
      .finally(() => setMade(null));
  };
  return { made, of: ids.length, begin, end, refused };
}

/** The mark sheets of all works, one after the other in one PDF. */
export function ClassMarkSheets({ results }: { results: ClassResults }) {
  const { made, of, begin, end, refused } = useMaking(results);
  return (
    <div className={styles['actions']}>
      {made === null ? (
        <Button disabled={of === 0} onClick={begin}>
          Mark sheets of all, one PDF
        </Button>
      ) : (
        <Button onClick={end}>
          {made + 1} of {of} · stop
        </Button>
      )}
      <Refusal says={refused} />
    </div>
  );
}
