import { Inject, Injectable } from '@nestjs/common';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { isSecure, type Settings } from '../http/settings.js';
import { SETTINGS } from '../http/tokens.js';

/** In seconds. */
const A_DAY = 86_400;
const KEPT_FOR = { session: 14 * A_DAY, known: 365 * A_DAY, coming: 1_800 } as const;

type Kept = keyof typeof KEPT_FOR;

/** What comes along where another site sends a form. */
const ACROSS: readonly Kept[] = ['coming'];

/**
 * What a browser keeps for us: the session, and that an account was signed in to with it before. Over https under names
 * that no other host and no page without https can set.
 */
@Injectable()
export class Cookies {
  private readonly secure: boolean;

  constructor(@Inject(SETTINGS) settings: Settings) {
    this.secure = isSecure(settings);
  }

  private nameOf = (kept: Kept): string => `${this.secure ? '__Host-' : ''}gleddo_${kept}`;

  read(request: FastifyRequest, kept: Kept): string | undefined {
    return request.cookies[this.nameOf(kept)];
  }

  keep(reply: FastifyReply, kept: Kept, value: string): void {
    const { secure } = this;
    const maxAge = KEPT_FOR[kept];
    const sameSite = secure && ACROSS.includes(kept) ? 'none' : 'lax';
    reply.setCookie(this.nameOf(kept), value, {
      ...{ path: '/', httpOnly: true, sameSite, secure, maxAge },
    });
  }

  /** The browser forgets the session. */
  forget(reply: FastifyReply): void {
    reply.clearCookie(this.nameOf('session'), { path: '/', secure: this.secure });
  }
}
