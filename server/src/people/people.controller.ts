import { Body, Controller, Get, HttpCode, Inject, Post, Req, Res } from '@nestjs/common';
import {
  ChangePasswordRequest,
  DemoSignInRequest,
  FirstInstructorRequest,
  SignInRequest,
  type Me,
  type Welcome,
} from '@gleddo/contract';
import { Throttle } from '@nestjs/throttler';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { DEMO_PEOPLE } from '../demo/demo-people.js';
import { AuditService } from '../audit/audit.service.js';
import { notFound } from '../http/problem.js';
import { isSecure, type Settings } from '../http/settings.js';
import { SETTINGS } from '../http/tokens.js';
import { PeopleService } from './people.service.js';
import { COOKIE } from './session.guard.js';
import { SessionsService } from './sessions.service.js';
import { Open, SignedIn, type SignedRequest } from './signed-in.js';

const DAYS = 14;
/** For one account: who has forgotten a password tries less often. */
const SIGN_INS_A_MINUTE = 10;

@Controller('api')
export class PeopleController {
  constructor(
    private readonly people: PeopleService,
    private readonly sessions: SessionsService,
    private readonly audit: AuditService,
    @Inject(SETTINGS) private readonly settings: Settings,
  ) {}

  @Open()
  @Get('welcome')
  async welcome(): Promise<Welcome> {
    const known = this.settings.demo ? DEMO_PEOPLE : [];
    const demoPeople = await Promise.all(
      known.map(async ({ login, says }) => {
        const me = await this.people.byLogin(login);
        return me ? [{ ...me, id: login, says }] : [];
      }),
    );
    return { needsFirstInstructor: await this.people.isEmpty(), demoPeople: demoPeople.flat() };
  }

  @Open()
  @Throttle({ default: { limit: SIGN_INS_A_MINUTE, ttl: 60_000 } })
  @Post('sign-in')
  @HttpCode(200)
  async signIn(
    @Body() body: SignInRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<Me> {
    const { me, token } = await this.people.signIn(body.login, body.password);
    this.remember(reply, token);
    return me;
  }

  @Open()
  @Post('demo-sign-in')
  @HttpCode(200)
  async demoSignIn(
    @Body() body: DemoSignInRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<Me> {
    const known = this.settings.demo && DEMO_PEOPLE.some(({ login }) => login === body.person);
    const me = known ? await this.people.byLogin(body.person) : null;
    if (!me) throw notFound('This person');
    await this.audit.write('signed-in', me.id);
    this.remember(reply, await this.sessions.begin(me.id));
    return me;
  }

  @Open()
  @Post('first-instructor')
  @HttpCode(200)
  async firstInstructor(
    @Body() body: FirstInstructorRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<Me> {
    const { name, login, password } = body;
    const me = await this.people.addFirst({ name, login, password });
    this.remember(reply, await this.sessions.begin(me.id));
    return me;
  }

  @Get('me')
  me(@SignedIn() me: Me): Me {
    return me;
  }

  /** One's own password. Whoever else is signed in as this person is signed out. */
  @Post('me/password')
  @Throttle({ default: { limit: SIGN_INS_A_MINUTE, ttl: 60_000 } })
  @HttpCode(204)
  async changePassword(
    @Body() body: ChangePasswordRequest,
    @SignedIn() me: Me,
    @Req() request: FastifyRequest,
  ): Promise<void> {
    await this.people.changePassword(me, body.old, {
      next: body.next,
      token: request.cookies[COOKIE] ?? '',
    });
  }

  @Open()
  @Post('sign-out')
  @HttpCode(204)
  async signOut(
    @Req() request: SignedRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<void> {
    const token = request.cookies[COOKIE];
    if (token !== undefined) await this.sessions.end(token);
    if (request.person) await this.audit.write('signed-out', request.person.id);
    reply.clearCookie(COOKIE, { path: '/' });
  }

  private remember(reply: FastifyReply, token: string): void {
    reply.setCookie(COOKIE, token, {
      path: '/',
      httpOnly: true,
      sameSite: 'lax',
      secure: isSecure(this.settings),
      maxAge: DAYS * 86_400,
    });
  }
}
