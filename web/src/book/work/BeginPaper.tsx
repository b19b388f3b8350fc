import { Button } from 'antd';
import type { ReactNode } from 'react';
import { Brief } from '../words/Brief';
import { Refusal } from '../../platform/shell/Refusal';

interface BeginPaperProps {
  readonly brief: string;
  /** What it means to begin. */
  readonly says: string;
  readonly begin: { mutate(): void; readonly isPending: boolean; readonly error: Error | null };
  readonly children?: ReactNode;
  /** What can be done instead of beginning. */
  readonly besides?: ReactNode;
  /** What stands under it. */
  readonly after?: ReactNode;
}

/** The brief before the work is begun, and the one button that begins it. */
export function BeginPaper({ brief, says, begin, children, besides, after }: BeginPaperProps) {
  return (
    <main className="desk">
      <section className="paper narrow">
        {children}
        <Brief text={brief} />
        <div className="slip-actions">
          <Button type="primary" loading={begin.isPending} onClick={() => begin.mutate()}>
            Begin
          </Button>
          {besides}
          <span className="quiet" style={{ alignSelf: 'center' }}>
            {says}
          </span>
        </div>
        <Refusal of={begin} />
        {after}
      </section>
    </main>
  );
}
