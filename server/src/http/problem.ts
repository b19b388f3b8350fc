import { HttpException, HttpStatus } from '@nestjs/common';
import type { Refusal } from '@gleddo/core';

/** A fault at a place of the request, with the sentence to show there. */
export interface Fault {
  readonly at: string;
  readonly code: string;
  readonly says: string;
}

/** The core refused: what was sent is understood, but can't be done. Each reason is said. */
export class Refused extends HttpException {
  constructor(
    readonly faults: readonly Fault[],
    status: HttpStatus = HttpStatus.UNPROCESSABLE_ENTITY,
  ) {
    super(faults.map((fault) => fault.says).join(' '), status);
  }
}

/** Whether somebody was told that a thing is not there, or not theirs to see. */
export const isNotFound = (err: unknown): boolean =>
  err instanceof Refused && err.getStatus() === Number(HttpStatus.NOT_FOUND);

export const refusedBy = (refusals: readonly Refusal[]): Refused =>
  new Refused(refusals.map(({ at, code, says }) => ({ at, code, says })));

export const refuse = (code: string, says: string, at = ''): Refused =>
  new Refused([{ at, code, says }]);

export const notFound = (what: string): Refused =>
  new Refused(
    [
      {
        at: '',
        code: 'not-found',
        says: `${what} is not here, or not yours to see. Go back and choose again.`,
      },
    ],
    HttpStatus.NOT_FOUND,
  );
