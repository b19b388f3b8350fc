import type { ClassRow } from '@gleddo/contract';
import { ordinal } from '../../platform/figures/ordinal';
import { cameInSaid } from '../../platform/times/times-said';

const STATES = {
  'not-started': 'not started',
  working: 'still working',
  'handed-in': 'to be given back',
  'given-back': 'given back',
} as const;

/** How a student's work stands, in a few words. */
export function stateSays(row: ClassRow): string {
  return row.hasLeft ? `${itself(row)}, in no class any more that has it` : itself(row);
}

function itself(row: ClassRow): string {
  const said = stands(row);
  return row.tryNumber > 1 ? `${ordinal(row.tryNumber)} try, ${said}` : said;
}

function stands({ state, checked, asked, cameIn }: ClassRow): string {
  if (checked === 'waiting') return 'handed in, not checked yet';
  if (checked === 'failed') return 'handed in, could not be checked';
  const asks = state === 'working' && asked > 0 ? `, ${asked} × checked so far` : '';
  const came = cameInSaid(cameIn);
  return STATES[state] + asks + (came && `, ${came}`);
}

/** The row with the mark that goes out of the class: of several tries what counts of them. */
export const asItCounts = (row: ClassRow): ClassRow =>
  row.counted ? { ...row, points: row.counted.points, of: row.counted.of } : row;

/** Whether the work can be looked at beside the key. */
export const isMarked = ({ tryId, points, state }: ClassRow): boolean =>
  tryId !== null && points !== null && state !== 'working';
