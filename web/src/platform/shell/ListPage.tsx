import { Checkbox } from 'antd';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { Asking } from './Asking';
import styles from './list-page.module.css';

/** One thing of a list: where it leads, its name, a word about it, and how it stands. */
interface ListRow {
  readonly key: string;
  readonly to: string;
  readonly name: string;
  readonly about?: string;
  readonly stands: string;
  /** Out of the way: shown on request only. */
  readonly putAway?: boolean;
  /** A colleague’s: it can be copied, and nothing else done with it here. */
  readonly isOthers?: boolean;
}

/** What can be done with a thing of a list, besides opening it; absent where that can't be done. */
interface RowActs {
  /** Puts it away, or brings it back. */
  readonly onPutAway?: (key: string, putAway: boolean) => void;
  /** Makes one like it. */
  readonly onCopy?: (key: string) => void;
  /** Deletes for good what was put away. */
  readonly onDelete?: (key: string, name: string) => void;
}

interface ListPageProps {
  readonly title: string;
  readonly of: { readonly error: Error | null; refetch(): unknown };
  /** Absent while it is being fetched. */
  readonly rows: readonly ListRow[] | undefined;
  /** What is said where nothing stands yet, and what to do. */
  readonly empty: ReactNode;
  readonly actions?: ReactNode;
  readonly children?: ReactNode;
  readonly acts?: RowActs;
}

/** A page that is a list: companies, exercises, class groups, results. */
export function ListPage(props: ListPageProps) {
  const { title, of, rows, empty, actions, children, acts = {} } = props;
  return (
    <>
      <div className="sheet-head">
        <h1>{title}</h1>
        {actions && <div className="actions">{actions}</div>}
      </div>
      {!rows ? (
        <Asking of={of} what={`The list of ${title.toLowerCase()}`} />
      ) : (
        <main className="desk">
          <div className="paper">
            {rows.length === 0 ? (
              <p className="state-line">{empty}</p>
            ) : (
              <Shelf rows={rows} acts={acts} />
            )}
            {children}
          </div>
        </main>
      )}
    </>
  );
}

interface ShelfProps {
  readonly rows: readonly ListRow[];
  readonly acts: RowActs;
}

/** The rows of a list; what was put away comes last, when it is asked for. */
function Shelf({ rows, acts }: ShelfProps) {
  const [showsAll, setShowsAll] = useState(false);
  const away = rows.filter((row) => row.putAway);
  const shown = rows.filter((row) => !row.putAway);
  return (
    <>
      <ul className="plain-list">
        {[...shown, ...(showsAll ? away : [])].map((row) => (
          <ShelfRow key={row.key} of={row} acts={acts} />
        ))}
      </ul>
      {shown.length === 0 && !showsAll && (
        <p className="state-line">Everything of this list has been put away.</p>
      )}
      {away.length > 0 && (
        <Checkbox
          style={{ marginTop: '0.625rem' }}
          checked={showsAll}
          onChange={(event) => setShowsAll(event.target.checked)}
        >
          Show what was put away ({away.length})
        </Checkbox>
      )}
    </>
  );
}

interface ShelfRowProps {
  readonly of: ListRow;
  readonly acts: RowActs;
}

function ShelfRow({ of: row, acts }: ShelfRowProps) {
  return (
    <li className={styles['item']}>
      <Link className={styles['link']} to={row.to}>
        <strong>{row.name}</strong>
        {row.putAway && <span className="mark-says">put away</span>}
        {row.about && <span className="quiet">{row.about}</span>}
        <span className="end">{row.stands}</span>
      </Link>
      <Acts of={row} acts={acts} />
    </li>
  );
}

function Acts({ of: { key, name, putAway = false, isOthers = false }, acts }: ShelfRowProps) {
  const { onPutAway, onCopy, onDelete } = acts;
  const what = putAway ? 'Bring back' : 'Put away';
  const act = (label: string, done: () => void) => (
    <button type="button" className="link-button" aria-label={`${label}: ${name}`} onClick={done}>
      {label}
    </button>
  );
  return (
    <span className={styles['acts']}>
      {onCopy && !putAway && act('Copy', () => onCopy(key))}
      {onDelete && putAway && !isOthers && act('Delete', () => onDelete(key, name))}
      {onPutAway && !isOthers && act(what, () => onPutAway(key, !putAway))}
    </span>
  );
}
