import type { ReactNode } from 'react';
import { useTurning, type Side } from './use-turning';

interface SpreadProps {
  /** What the pages are called: where only one has room, it is turned to the other by its name. */
  readonly names: readonly [left: string, right: string];
  /** The page that is wanted now, where something on it was gone to; null: whichever is open. */
  readonly wanted?: Side | null;
  readonly left: ReactNode;
  readonly right: ReactNode;
  readonly leftFoot: ReactNode;
  readonly rightFoot: ReactNode;
  /** What lies over the pages: the slip, what was said. */
  readonly over?: ReactNode;
  readonly className?: string;
}

/** The open book: two pages that scroll together, their feet always in view; one at a time where only one has room. */
export function Spread(props: SpreadProps) {
  const { names, wanted = null, left, right, leftFoot, rightFoot, over, className = '' } = props;
  const { at, turn, swipe } = useTurning(wanted);
  const other = at === 'left' ? names[1] : names[0];
  return (
    <div className={`spread ${className} is-at-${at}`} {...swipe}>
      <button type="button" className="turner" onClick={turn} title="F6">
        <span>
          {other} {at === 'left' ? '›' : '‹'}
        </span>
      </button>
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
