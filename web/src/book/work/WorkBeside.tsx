import { useState, type ReactNode } from 'react';
import { TrayPlace } from '../chart/tray-place';
import { WorkView } from './WorkView';
import workStyles from '../spread/work.module.css';
import chartStyles from '../chart/chart.module.css';

interface WorkBesideProps {
  /** What the paper is called. */
  readonly label: string;
  readonly part: string;
  /** The paper that lies beside. */
  readonly children: ReactNode;
}

/** A part of the work, with a paper beside it; under the paper lie the accounts without a place. */
export function WorkBeside({ label, part, children }: WorkBesideProps) {
  const [place, setPlace] = useState<HTMLElement | null>(null);
  return (
    <div className={workStyles['desk']}>
      <div className={workStyles['beside']}>
        <section className="paper" aria-label={label}>
          {children}
        </section>
        <div className={chartStyles['tray-place']} ref={setPlace} />
      </div>
      {place && (
        <TrayPlace value={place}>
          <WorkView part={part} />
        </TrayPlace>
      )}
    </div>
  );
}
