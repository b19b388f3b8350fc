import { Brief } from '../words/Brief';
import { Glossary } from '../words/Glossary';
import { WithWords } from '../words/Words';
import { WorkBeside } from './WorkBeside';

const NONE = [] as const;

/** A part of the work, with the brief beside it; its words are explained where they stand. */
export const BesideBrief = ({ brief, part }: { brief: string; part: string }) => (
  <WorkBeside label="The brief" part={part}>
    <WithWords own={NONE}>
      <Brief text={brief} />
      <Glossary />
    </WithWords>
  </WorkBeside>
);
