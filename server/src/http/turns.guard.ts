import { HttpStatus, Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { SSE_METADATA } from '@nestjs/common/constants.js';
import type { FastifyReply } from 'fastify';
import { TurnsByPerson } from '../turns/turns-by-person.js';
import { whoAsks } from '../turns/asking.js';
import type { SignedRequest } from './signed-in.js';
import { Refused } from './problem.js';

/** Of one person, in all their windows together: what a browser asks at once beyond it waits for itself alone. */
const AT_ONCE = 3;
/** Of one person; who has not come in yet shares an address with a whole school. */
const MOST_WAITING = 400;
/**
 * Of what one person asks only some is worked on at once; the rest waits for that, and others do not. Stands behind the
 * guard that says who asks; a turn lasts until its answer is sent, or its asker is gone.
 */
@Injectable()
export class TurnsGuard implements CanActivate {
  private readonly turns = new TurnsByPerson(Infinity, AT_ONCE);

  canActivate(context: ExecutionContext): Promise<boolean> | boolean {
    // What is sent as it happens has no end to wait for.
    if (Reflect.getMetadata(SSE_METADATA, context.getHandler()) === true) return true;
    const who = whoAsks();
    const { person } = context.switchToHttp().getRequest<SignedRequest>();
    if (person && this.turns.of(who) > MOST_WAITING) throw tooMuch();
    const { raw } = context.switchToHttp().getResponse<FastifyReply>();
    return new Promise((resolve) => {
      const turn = () =>
        new Promise<void>((over) => {
          if (raw.closed) over();
          else raw.once('close', over);
          resolve(true);
        });
      void this.turns.take(who, turn);
    });
  }
}

const tooMuch = () =>
  new Refused(
    [
      {
        at: '',
        code: 'too-much-at-once',
        says: 'You have asked for more at once than is worked on for one person. Wait until it is answered, then try again.',
      },
    ],
    HttpStatus.TOO_MANY_REQUESTS,
  );
