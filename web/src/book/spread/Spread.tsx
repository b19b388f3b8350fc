import type { ReactNode } from 'react';

interface SpreadProps {
  readonly left: ReactNode;
  readonly right: ReactNode;
  readonly leftFoot: ReactNode;
  readonly rightFoot: ReactNode;
  /** What lies over the pages: the slip, what was said. */
  readonly over?: ReactNode;
  readonly className?: string;
}

/** The open book: two pages that scroll together, their feet always in view. */
export function Spread({ left, right, leftFoot, rightFoot, over, className = '' }: SpreadProps) {
  return (
    <div className={`spread ${className}`}>
      <div className={`spread-scroll ${className}`}>
        {left}
        {right}
      </div>
      <div className="foot-cell">
        <div className="spread-foot">{leftFoot}</div>
      </div>
      <div className="foot-cell right">
        <div className="spread-foot right">{rightFoot}</div>
      </div>
      {over}
    </div>
  );
}

interface PageProps {
  readonly side: 'left' | 'right';
  readonly title: string;
  readonly when: ReactNode;
  readonly children: ReactNode;
  /** Without rulers at its edge. */
  readonly bare?: boolean;
  /** Its rows can be walked through with the arrow keys. */
  readonly grid?: boolean;
}

export function Page({ side, title, when, children, bare = false, grid = false }: PageProps) {
  return (
    <section className={`page ${side} ${bare ? 'bare' : ''}`} aria-label={title}>
      <div className="page-head">
        <h2>{title}</h2>
        <span className="quiet">{when}</span>
      </div>
      <div {...(grid ? { role: 'grid', 'aria-label': title } : {})}>{children}</div>
    </section>
  );
}
