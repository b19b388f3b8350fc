import type { ReactNode } from 'react';
import { Link } from 'react-router';

interface PageHeadProps {
  /** The list that the page belongs to. */
  readonly path: { readonly to: string; readonly name: string };
  readonly title: ReactNode;
  readonly children?: ReactNode;
}

/** The head of a page that belongs to a list: the way back, and where one is. */
export function PageHead({ path, title, children }: PageHeadProps) {
  return (
    <div className="sheet-head">
      <h1>
        <Link to={path.to} className="path-link">
          {path.name}
        </Link>{' '}
        › {title}
      </h1>
      {children}
    </div>
  );
}
