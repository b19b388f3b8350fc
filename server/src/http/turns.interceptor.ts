import {
  HttpStatus,
  Injectable,
  type CallHandler,
  type ExecutionContext,
  type NestInterceptor,
} from '@nestjs/common';
import { SSE_METADATA } from '@nestjs/common/constants.js';
import { from, lastValueFrom, type Observable } from 'rxjs';
import { TurnsByPerson } from '../threads/turns-by-person.js';
import { whoAsks } from './asking.js';
import { Refused } from './problem.js';

/** Of one person, in all their windows together: a browser asks six things at once of a server. */
const AT_ONCE = 8;
const MOST_WAITING = 400;
/** Of all people together: what is asked of the database waits there in any case. */
const PLACES = 64;

/** Of what one person asks only some is worked on at once; the rest waits for that, and others do not. */
@Injectable()
export class TurnsInterceptor implements NestInterceptor {
  private readonly turns = new TurnsByPerson(PLACES, AT_ONCE);

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    // What is sent as it happens has no end to wait for.
    if (Reflect.getMetadata(SSE_METADATA, context.getHandler()) === true) return next.handle();
    const who = whoAsks();
    if (this.turns.of(who) > MOST_WAITING) throw tooMuch();
    return from(
      this.turns.take(who, () => lastValueFrom(next.handle(), { defaultValue: undefined })),
    );
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
