import { Brief } from '../exercises/Brief';
import { WorkBeside } from './WorkBeside';

/** A part of the work, with the brief beside it. */
export const BesideBrief = ({ brief, part }: { brief: string; part: string }) => (
  <WorkBeside label="The brief" part={part}>
    <Brief text={brief} />
  </WorkBeside>
);
