import type { BooksTakenOver } from '@gleddo/contract';
import { Refusal } from '../../platform/shell/Refusal';

/** How much was taken over, and what could not be. */
export function TakenOver({ done, refused }: BooksTakenOver) {
  return (
    <>
      <p role="status">
        {done} {done === 1 ? 'change was' : 'changes were'} taken over.
      </p>
      <Refusal says={refused.map((says) => `Left as it is here: ${says}`)} />
    </>
  );
}
