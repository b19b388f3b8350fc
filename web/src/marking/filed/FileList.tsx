import type { ClassRow } from '@gleddo/contract';
import { memo } from 'react';
import type { Looked } from './filed-work';
import styles from './filed.module.css';

interface FileListProps {
  readonly looked: readonly Looked[];
  readonly rows: readonly ClassRow[];
  readonly current: string | null;
  onTake(id: string): void;
}

/** The files, each with whose it is and how it would be marked. */
export function FileList({ looked, rows, current, onTake }: FileListProps) {
  if (looked.length === 0) return null;
  const names = new Map(rows.map(({ personId, student }) => [personId, student]));
  return (
    <ul className={styles['list']}>
      {looked.map((each) => (
        <FileRow
          key={each.file.id}
          of={each}
          whose={names.get(each.file.personId ?? '') ?? null}
          isCurrent={each.file.id === current}
          onTake={onTake}
        />
      ))}
    </ul>
  );
}

interface FileRowProps {
  readonly of: Looked;
  readonly whose: string | null;
  readonly isCurrent: boolean;
  onTake(id: string): void;
}

const FileRow = memo(function FileRow({ of, whose, isCurrent, onTake }: FileRowProps) {
  const { id, name } = of.file;
  return (
    <li>
      <button
        type="button"
        className={styles['file']}
        aria-current={isCurrent}
        onClick={() => onTake(id)}
      >
        <span className={styles['whose']}>{whose ?? 'whose? choose'}</span>
        <span className={styles['name']}>{name}</span>
        <State of={of} />
      </button>
    </li>
  );
});

function State({ of: { file, marks } }: { of: Looked }) {
  const [kind, says] = stateOf({ file, marks });
  return <span className={`${styles['state']} ${styles[kind] ?? ''}`}>{says}</span>;
}

function stateOf({ file, marks }: Looked): [kind: string, says: string] {
  if (file.sent === 'done') return ['done', '✓ beside the class'];
  if (typeof file.sent === 'object') return ['unread', '× not taken'];
  if (typeof marks === 'string') return ['unread', '× can’t be read'];
  const { points, of, recognition } = marks.checked;
  if (recognition.pairs.length === 0) return ['wanting', 'nothing recognised'];
  if (file.personId === null) return ['wanting', 'whose?'];
  return ['ready', `${points} of ${of}`];
}
