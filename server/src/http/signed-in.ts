import { createParamDecorator, SetMetadata, type ExecutionContext } from '@nestjs/common';
import type { Me, PersonRole } from '@gleddo/contract';
import type { FastifyRequest } from 'fastify';

export type SignedRequest = FastifyRequest & { person?: Me };

/** The person who asks; routes without it are marked `@Open()`. */
export const SignedIn = createParamDecorator((_: unknown, context: ExecutionContext): Me => {
  const { person } = context.switchToHttp().getRequest<SignedRequest>();
  if (!person) throw new Error('a route without @Open() was reached by nobody');
  return person;
});

export const OPEN = 'open';
/** A route that needs no one signed in. */
export const Open = () => SetMetadata(OPEN, true);

export const FROM_ELSEWHERE = 'from-elsewhere';
/** A route to which another site sends people: judged by what it brings, since no page of ours asks. */
export const FromElsewhere = () => SetMetadata(FROM_ELSEWHERE, true);

export const ONLY = 'only';
/** A route, or a whole controller, for one role. */
export const Only = (role: PersonRole) => SetMetadata(ONLY, role);

export const HEAD = 'head';
/** A route for the first instructor alone. */
export const OnlyHead = () => SetMetadata(HEAD, true);
