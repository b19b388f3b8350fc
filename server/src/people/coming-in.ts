import { Injectable } from '@nestjs/common';
import type { Me } from '@gleddo/contract';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { Cookies } from './cookies.js';
import { KnownBrowsers } from './known-browsers.js';
import { SessionsService } from './sessions.service.js';

/** Signs somebody in, whichever way they came: a session, and a browser that is known from now on. */
@Injectable()
export class ComingIn {
  constructor(
    private readonly sessions: SessionsService,
    private readonly cookies: Cookies,
    private readonly browsers: KnownBrowsers,
  ) {}

  async begin(reply: FastifyReply, me: Me, request: FastifyRequest): Promise<Me> {
    const token = await this.sessions.begin(me.id, request.headers['user-agent']);
    this.cookies.keep(reply, 'session', token);
    this.cookies.keep(reply, 'known', await this.browsers.markOf(me.id));
    return me;
  }
}
