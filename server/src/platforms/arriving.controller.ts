import { Body, Controller, Get, Post, Query, Req, Res } from '@nestjs/common';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { FromElsewhere, Open } from '../http/signed-in.js';
import { ComingIn } from '../people/coming-in.js';
import { Cookies } from '../people/cookies.js';
import { ArrivingService, newBrowser, type Sent } from './arriving.service.js';
import { LaunchesService } from './launches.service.js';
import { OwnKeys } from './own-keys.js';
import { RefusedArrival } from './refused-arrival.js';

const SEE_OTHER = 303;

const isSent = (value: unknown): value is Sent => typeof value === 'object' && value !== null;

/** Where a platform sends people: each answer leads on to a page. */
@Open()
@FromElsewhere()
@Controller('api/platform')
export class ArrivingController {
  constructor(
    private readonly arriving: ArrivingService,
    private readonly launches: LaunchesService,
    private readonly own: OwnKeys,
    private readonly cookies: Cookies,
    private readonly comingIn: ComingIn,
  ) {}

  /** The public part of the key with which this house signs. */
  @Get('keys')
  keys() {
    return this.own.shown();
  }

  @Get('sign-in')
  begin(
    @Query() sent: unknown,
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<void> {
    return this.lead(reply, async () => {
      const browser = this.cookies.read(request, 'coming') ?? newBrowser();
      const to = await this.arriving.begin(isSent(sent) ? sent : {}, browser);
      this.cookies.keep(reply, 'coming', browser);
      return to;
    });
  }

  @Post('sign-in')
  beginSent(
    @Body() sent: unknown,
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<void> {
    return this.begin(sent, request, reply);
  }

  @Post('launch')
  end(
    @Body() sent: unknown,
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<void> {
    return this.lead(reply, async () => {
      const browser = this.cookies.read(request, 'coming');
      const arrival = await this.arriving.end(isSent(sent) ? sent : {}, browser);
      const { to, me } = await this.launches.goOn(arrival, browser ?? '');
      if (me) await this.comingIn.begin(reply, me, request);
      return to;
    });
  }

  /** Leads to where something says; to a page that says why, where somebody is not let in. */
  private async lead(reply: FastifyReply, where: () => Promise<string>): Promise<void> {
    const to = await where().catch((error: unknown) => {
      if (error instanceof RefusedArrival) return `/from-platform/refused/${error.why}`;
      throw error;
    });
    reply.code(SEE_OTHER).header('location', to);
  }
}
