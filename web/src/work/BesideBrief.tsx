import { useState } from 'react';
import { TrayPlace } from '../chart/tray-place';
import { Brief } from '../exercises/Brief';
import { WorkView } from './WorkView';

/** A part of the work, with the brief beside it; under the brief lie the accounts without a place. */
export function BesideBrief({ brief, part }: { brief: string; part: string }) {
  const [place, setPlace] = useState<HTMLElement | null>(null);
  return (
    <div className="brief-beside">
      <div className="beside">
        <section className="paper" aria-label="The brief">
          <Brief text={brief} />
        </section>
        <div className="tray-place" ref={setPlace} />
      </div>
      {place && (
        <TrayPlace value={place}>
          <WorkView part={part} />
        </TrayPlace>
      )}
    </div>
  );
}
