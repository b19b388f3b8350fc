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
import { DEMO_PEOPLE } from '../demo/demo-people.js';
import { notFound, refuse } from '../http/problem.js';
import type { Settings } from '../http/settings.js';
import { SETTINGS } from '../http/tokens.js';
import { PeopleService } from './people.service.js';
import { COOKIE } from './session.guard.js';
import { Open, SignedIn } from './signed-in.js';

const DAYS = 14;

@Controller('api')
export class PeopleController {
  constructor(
    private readonly people: PeopleService,
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
  @Throttle({ default: { limit: 20, ttl: 60_000 } })
  @Post('sign-in')
  @HttpCode(200)
  async signIn(
    @Body() body: SignInRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<Me> {
    const { me, token } = await this.people.signIn(body.login, body.password);
    remember(reply, token);
    return { id: me.id, name: me.name, role: me.role };
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
    remember(reply, await this.people.begin(me.id));
    return me;
  }

  @Open()
  @Post('first-instructor')
  @HttpCode(200)
  async firstInstructor(
    @Body() body: FirstInstructorRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<Me> {
    if (!(await this.people.isEmpty()))
      throw refuse('first.taken', 'There is an instructor already. Sign in instead.');
    const { name, login, password } = body;
    const me = await this.people.add({ name, login, password, role: 'instructor' });
    remember(reply, await this.people.begin(me.id));
    return me;
  }

  @Get('me')
  me(@SignedIn() me: Me): Me {
    return me;
  }

  @Open()
  @Post('sign-out')
  @HttpCode(204)
  async signOut(
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<void> {
    const token = request.cookies[COOKIE];
    if (token !== undefined) await this.people.signOut(token);
    reply.clearCookie(COOKIE, { path: '/' });
  }
}

const remember = (reply: FastifyReply, token: string) =>
  reply.setCookie(COOKIE, token, {
    path: '/',
    httpOnly: true,
    sameSite: 'lax',
    maxAge: DAYS * 86_400,
  });
