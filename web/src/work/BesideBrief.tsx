import { Brief } from '../exercises/Brief';
import { WorkView } from './WorkView';

/** A part of the work, with the brief beside it. */
export function BesideBrief({ brief, part }: { brief: string; part: string }) {
  return (
    <div className="brief-beside">
      <section className="paper" aria-label="The brief">
        <Brief text={brief} />
      </section>
      <WorkView part={part} />
    </div>
  );
}
