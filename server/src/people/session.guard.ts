import { HttpStatus, Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { asksAs } from '../turns/asking.js';
import { Refused } from '../http/problem.js';
import { Cookies } from './cookies.js';
import { SessionsService } from './sessions.service.js';
import { FROM_ELSEWHERE, HEAD, ONLY, OPEN, type SignedRequest } from '../http/signed-in.js';

/** Lets a request through when its cookie names a session, and the role fits. Changes need our own header. */
@Injectable()
export class SessionGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly sessions: SessionsService,
    private readonly cookies: Cookies,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const request = context.switchToHttp().getRequest<SignedRequest>();
    const of = [context.getHandler(), context.getClass()];
    const isOurs = request.headers['x-gleddo'] === '1';
    const mayBeTheirs = this.reflector.getAllAndOverride<boolean>(FROM_ELSEWHERE, of);
    if (request.method !== 'GET' && !isOurs && !mayBeTheirs)
      throw forbidden('This request did not come from the application. Reload the page.');
    const token = this.cookies.read(request, 'session');
    const person = token === undefined ? null : await this.sessions.personOf(token);
    if (person) {
      request.person = person;
      asksAs(person.id);
    }
    if (this.reflector.getAllAndOverride<boolean>(OPEN, of)) return true;
    if (!person)
      throw new Refused(
        [
          {
            at: '',
            code: 'signed-out',
            says: 'You are not signed in. Sign in and try again; what you typed is kept.',
          },
        ],
        HttpStatus.UNAUTHORIZED,
      );
    if (this.reflector.getAllAndOverride<boolean>(HEAD, of) && !person.isHead)
      throw forbidden('Only the first instructor may do this. Ask them.');
    const only = this.reflector.getAllAndOverride<string>(ONLY, of);
    if (only && person.role !== only)
      throw forbidden(`Only an ${only} may do this.`.replace('an s', 'a s'));
    return true;
  }
}

const forbidden = (says: string) =>
  new Refused([{ at: '', code: 'forbidden', says }], HttpStatus.FORBIDDEN);
