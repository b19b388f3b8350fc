import { diffWordsWithSpace } from 'diff';
import { useMemo } from 'react';
import styles from './versions.module.css';

interface ChangedTextProps {
  readonly here: string;
  readonly there: string;
}

/** So much is compared word by word; what is longer stands whole, one below the other. */
const LONGEST = 8_000;

/** One text with what goes struck out and what comes marked. */
export function ChangedText({ here, there }: ChangedTextProps) {
  const pieces = useMemo(
    () =>
      here.length + there.length > LONGEST
        ? [
            { value: here, removed: true, added: false },
            { value: there, removed: false, added: true },
          ]
        : diffWordsWithSpace(here, there),
    [here, there],
  );
  return (
    <p className={styles['text']}>
      {pieces.map(({ value, added, removed }, i) =>
        added ? <ins key={i}>{value}</ins> : removed ? <del key={i}>{value}</del> : value,
      )}
    </p>
  );
}
