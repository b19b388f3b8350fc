import type { ClassRow } from '@gleddo/contract';
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
      {looked.map(({ file, marks }) => (
        <li key={file.id}>
          <button
            type="button"
            className={styles['file']}
            aria-current={file.id === current}
            onClick={() => onTake(file.id)}
          >
            <span className={styles['whose']}>
              {names.get(file.personId ?? '') ?? 'whose? choose'}
            </span>
            <span className={styles['name']}>{file.name}</span>
            <State of={{ file, marks }} />
          </button>
        </li>
      ))}
    </ul>
  );
}

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
