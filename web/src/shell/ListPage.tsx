import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Asking } from './Asking';

/** One thing of a list: where it leads, its name, a word about it, and how it stands. */
export interface ListRow {
  readonly key: string;
  readonly to: string;
  readonly name: string;
  readonly about?: string;
  readonly stands: string;
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
}

/** A page that is a list: companies, exercises, class groups, results. */
export function ListPage({ title, of, rows, empty, actions, children }: ListPageProps) {
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
              <ul className="plain-list">
                {rows.map((row) => (
                  <li key={row.key}>
                    <Link className="row-link" to={row.to}>
                      <strong>{row.name}</strong>
                      {row.about && <span className="quiet">{row.about}</span>}
                      <span className="end">{row.stands}</span>
                    </Link>
                  </li>
                ))}
              </ul>
            )}
            {children}
          </div>
        </main>
      )}
    </>
  );
}
