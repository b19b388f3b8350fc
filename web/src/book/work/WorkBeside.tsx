import { useState, type ReactNode } from 'react';
import { Sliding } from '../../platform/shell/Sliding';
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
  const [isSlid, setSlid] = useState(false);
  return (
    <div className={workStyles['desk']}>
      <div className="slide-bar">
        <button type="button" onClick={() => setSlid(true)}>
          ☰ {label}
        </button>
      </div>
      <Sliding
        label={label}
        from="left"
        className={workStyles['beside']}
        isOpen={isSlid}
        onClose={() => setSlid(false)}
      >
        <section className="paper" aria-label={label}>
          {children}
        </section>
      </Sliding>
      <div className={`${chartStyles['tray-place']} ${workStyles['tray']}`} ref={setPlace} />
      {place && (
        <TrayPlace value={place}>
          <div className={workStyles['work']}>
            <WorkView part={part} />
          </div>
        </TrayPlace>
      )}
    </div>
  );
}
