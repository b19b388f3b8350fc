import type { MyTryDetail } from '@gleddo/contract';
import { WORK_PARTS } from '../../book/work/WorkView';

/** The parts of a try that has come back to its student; putting it right among them where that is allowed. */
export const returnedParts = ({ shows }: MyTryDetail): readonly (readonly [string, string])[] => [
  ['given-back', 'Given back'],
  ...(shows?.copy ? [['put-right', 'Put it right'] as const] : []),
  ...WORK_PARTS,
];
