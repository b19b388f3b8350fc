import { Body, Controller, Delete, Get, HttpCode, Param, Post, Req } from '@nestjs/common';
import {
  ChangePasswordRequest,
  ChoosePasswordRequest,
  NoSecondFactorRequest,
  SecondFactorRequest,
  type Me,
  type OwnSignIn,
  type SecondFactorOffered,
  type SessionShown,
} from '@gleddo/contract';
import { Throttle } from '@nestjs/throttler';
import type { FastifyRequest } from 'fastify';
import { AuditService } from '../audit/audit.service.js';
import { notFound } from '../http/problem.js';
import { Cookies } from './cookies.js';
import { PeopleService } from './people.service.js';
import { SecondFactor } from './second-factor.js';
import { SessionsService } from './sessions.service.js';
import { Only, SignedIn } from '../http/signed-in.js';

/** Where a password is compared: who has forgotten it tries less often. */
const Compares = () => Throttle({ default: { limit: 10, ttl: 60_000 } });

/** One’s own way in: the password, a second device, and where one is signed in. */
@Controller('api/me')
export class OwnSignInController {
  constructor(
    private readonly people: PeopleService,
    private readonly second: SecondFactor,
    private readonly sessions: SessionsService,
    private readonly audit: AuditService,
    private readonly cookies: Cookies,
  ) {}

  /** One's own password. Whoever else is signed in as this person is signed out. */
  @Post('password')
  @Compares()
  @HttpCode(204)
  async changePassword(
    @Body() body: ChangePasswordRequest,
    @SignedIn() me: Me,
    @Req() request: FastifyRequest,
  ): Promise<void> {
    await this.people.changePassword(me, body.old, {
      next: body.next,
      token: this.cookies.read(request, 'session') ?? '',
    });
  }

  /** The password that one chooses instead of the one that the program made. */
  @Post('first-password')
  @Compares()
  @HttpCode(200)
  chooseFirst(
    @Body() { password }: ChoosePasswordRequest,
    @SignedIn() me: Me,
    @Req() request: FastifyRequest,
  ): Promise<Me> {
    return this.people.chooseFirst(me, password, this.cookies.read(request, 'session') ?? '');
  }

  @Get('sign-in')
  ownSignIn(@SignedIn() me: Me): Promise<OwnSignIn> {
    return this.people.ownSignIn(me);
  }

  /** A secret for a second device: for those who mark. */
  @Only('instructor')
  @Post('second-factor/offer')
  @HttpCode(200)
  async offer(@SignedIn() me: Me): Promise<SecondFactorOffered> {
    return this.second.offer((await this.people.ownSignIn(me)).login);
  }

  @Only('instructor')
  @Post('second-factor')
  @Compares()
  @HttpCode(204)
  async turnOn(@Body() body: SecondFactorRequest, @SignedIn() me: Me): Promise<void> {
    await this.people.judgeOwn(me, body.password, 'password');
    await this.second.turnOn(me, body.secret, body.code);
  }

  @Only('instructor')
  @Post('second-factor/off')
  @Compares()
  @HttpCode(204)
  async turnOff(@Body() body: NoSecondFactorRequest, @SignedIn() me: Me): Promise<void> {
    await this.people.judgeOwn(me, body.password, 'password');
    await this.second.turnOff(me.id);
  }

  /** Where one is signed in, with an end to each. */
  @Get('sessions')
  mySessions(@SignedIn() me: Me, @Req() request: FastifyRequest): Promise<SessionShown[]> {
    return this.sessions.list(me.id, this.cookies.read(request, 'session') ?? '');
  }

  @Delete('sessions/:handle')
  @HttpCode(204)
  async endSession(@Param('handle') handle: string, @SignedIn() me: Me): Promise<void> {
    if (!(await this.sessions.endOne(me.id, handle))) throw notFound('This session');
    await this.audit.write('session-ended', me.id);
  }
}
