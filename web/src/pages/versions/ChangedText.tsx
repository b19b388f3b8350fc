import { diffWordsWithSpace, type Change } from 'diff';
import { useMemo } from 'react';
import styles from './versions.module.css';

interface ChangedTextProps {
  readonly here: string;
  readonly there: string;
}

/** So much is compared word by word; what is longer, or hardly the same, stands whole, one behind the other. */
const LONGEST = 8_000;
const LEAST_ALIKE = 0.4;

const whole = ({ here, there }: ChangedTextProps): Change[] => [
  { value: here, removed: true, added: false, count: 1 },
  ...(here !== '' && there !== '' ? [{ value: '\n', removed: false, added: false, count: 1 }] : []),
  { value: there, removed: false, added: true, count: 1 },
];

function changesOf({ here, there }: ChangedTextProps): Change[] {
  const length = here.length + there.length;
  if (length > LONGEST) return whole({ here, there });
  const changes = diffWordsWithSpace(here, there);
  const alike = changes.filter(({ added, removed }) => !added && !removed);
  const same = alike.reduce((sum, { value }) => sum + 2 * value.length, 0);
  return same < LEAST_ALIKE * length ? whole({ here, there }) : changes;
}

/** One text with what goes struck out and what comes marked. */
export function ChangedText({ here, there }: ChangedTextProps) {
  const pieces = useMemo(() => changesOf({ here, there }), [here, there]);
  return (
    <p className={styles['text']}>
      {pieces.map(({ value, added, removed }, i) =>
        added ? <ins key={i}>{value}</ins> : removed ? <del key={i}>{value}</del> : value,
      )}
    </p>
  );
}
