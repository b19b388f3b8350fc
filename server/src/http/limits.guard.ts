import { Injectable, type ExecutionContext } from '@nestjs/common';
import { ThrottlerGuard, type ThrottlerLimitDetail } from '@nestjs/throttler';
import { foldedSignInName } from '@gleddo/contract';
import type { SignedRequest } from './signed-in.js';
import { routeOf } from './route.js';

/**
 * Limits how often one person asks, and how often one account is tried to be signed in to. Never by address: a
 * school is one address. Stands behind the guard that says who asks.
 */
@Injectable()
export class LimitsGuard extends ThrottlerGuard {
  protected override async shouldSkip(context: ExecutionContext): Promise<boolean> {
    return trackerOf(context.switchToHttp().getRequest<SignedRequest>()) === null;
  }

  protected override async getTracker(request: SignedRequest): Promise<string> {
    return trackerOf(request) ?? '';
  }

  protected override async throwThrottlingException(
    context: ExecutionContext,
    detail: ThrottlerLimitDetail,
  ): Promise<void> {
    const reply = context
      .switchToHttp()
      .getResponse<{ header(name: string, value: string): void }>();
    reply.header('retry-after', String(Math.max(1, Math.ceil(detail.timeToBlockExpire))));
    await super.throwThrottlingException(context, detail);
  }
}

/** Whom a request counts for: the account that is tried, else the person; null where it counts for nobody. */
function trackerOf(request: SignedRequest): string | null {
  const { login } = (request.body ?? {}) as { login?: unknown };
  if (routeOf(request) === '/api/sign-in' && typeof login === 'string')
    return `account ${foldedSignInName(login).toLowerCase().slice(0, 120)} from ${request.ip}`;
  return request.person ? `person ${request.person.id}` : null;
}
