import { Body, Controller, Get, HttpCode, Inject, Post, Req, Res } from '@nestjs/common';
import {
  DemoSignInRequest,
  FirstInstructorRequest,
  SignInRequest,
  type Me,
  type Welcome,
} from '@gleddo/contract';
import { Throttle } from '@nestjs/throttler';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { ComingIn } from './coming-in.js';
import { DEMO_PEOPLE } from './demo-people.js';
import { AuditService } from '../audit/audit.service.js';
import { notFound } from '../http/problem.js';
import type { Settings } from '../http/settings.js';
import { SETTINGS } from '../http/tokens.js';
import { Cookies } from './cookies.js';
import { PeopleService } from './people.service.js';
import { SessionsService } from './sessions.service.js';
import { Open, SignedIn, type SignedRequest } from '../http/signed-in.js';

/** For one account: who has forgotten a password tries less often. */
const SIGN_INS_A_MINUTE = 10;

@Controller('api')
export class PeopleController {
  constructor(
    private readonly people: PeopleService,
    private readonly sessions: SessionsService,
    private readonly audit: AuditService,
    private readonly cookies: Cookies,
    private readonly comingIn: ComingIn,
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
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<Me> {
    const from = { address: request.ip, browser: this.cookies.read(request, 'known') };
    const me = await this.people.signIn(body, from);
    return this.comingIn.begin(reply, me, request);
  }

  @Open()
  @Post('demo-sign-in')
  @HttpCode(200)
  async demoSignIn(
    @Body() body: DemoSignInRequest,
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<Me> {
    const known = this.settings.demo && DEMO_PEOPLE.some(({ login }) => login === body.person);
    const me = known ? await this.people.byLogin(body.person) : null;
    if (!me) throw notFound('This person');
    await this.audit.write('signed-in', me.id);
    return this.comingIn.begin(reply, me, request);
  }

  @Open()
  @Post('first-instructor')
  @HttpCode(200)
  async firstInstructor(
    @Body() body: FirstInstructorRequest,
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<Me> {
    const { name, login, password } = body;
    const me = await this.people.addFirst({ name, login, password });
    return this.comingIn.begin(reply, me, request);
  }

  @Get('me')
  me(@SignedIn() me: Me): Me {
    return me;
  }

  @Open()
  @Post('sign-out')
  @HttpCode(204)
  async signOut(
    @Req() request: SignedRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<void> {
    const token = this.cookies.read(request, 'session');
    if (token !== undefined) await this.sessions.end(token);
    if (request.person) await this.audit.write('signed-out', request.person.id);
    this.cookies.forget(reply);
  }
}
