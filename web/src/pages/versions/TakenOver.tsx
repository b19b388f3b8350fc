import type { BooksTakenOver } from '@gleddo/contract';
import { useEffect, useRef } from 'react';
import { Refusal } from '../../platform/shell/Refusal';

/** How much was taken over, and what could not be: it has the focus of the button that is gone. */
export function TakenOver({ done, refused }: BooksTakenOver) {
  const says = useRef<HTMLParagraphElement>(null);
  useEffect(() => says.current?.focus(), []);
  return (
    <>
      <p role="status" tabIndex={-1} ref={says}>
        {done} {done === 1 ? 'change was' : 'changes were'} taken over.
      </p>
      <Refusal says={refused.map((each) => `Left as it is here: ${each}`)} />
    </>
  );
}
