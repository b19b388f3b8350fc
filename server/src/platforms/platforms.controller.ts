import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Req } from '@nestjs/common';
import {
  ArrivalRequest,
  NewPlatformRequest,
  PlatformLinkRequest,
  type ArrivalDone,
  type ArrivalShown,
  type Me,
  type PlatformLinkShown,
  type PlatformList,
  type PlatformMarks,
  type PlatformsShown,
} from '@gleddo/contract';
import type { FastifyRequest } from 'fastify';
import { Only, OnlyHead, SignedIn } from '../http/signed-in.js';
import { Cookies } from '../people/cookies.js';
import { LaunchesService } from './launches.service.js';
import { PlatformLinksService } from './platform-links.service.js';
import { PlatformsService } from './platforms.service.js';

@Only('instructor')
@Controller('api')
export class PlatformsController {
  constructor(
    private readonly platforms: PlatformsService,
    private readonly links: PlatformLinksService,
    private readonly launches: LaunchesService,
    private readonly cookies: Cookies,
  ) {}

  @OnlyHead()
  @Get('platforms')
  shown(): Promise<PlatformsShown> {
    return this.platforms.shown();
  }

  @OnlyHead()
  @Post('platforms')
  add(@Body() body: NewPlatformRequest, @SignedIn() me: Me): Promise<PlatformsShown> {
    return this.platforms.add(me, body);
  }

  @OnlyHead()
  @Delete('platforms/:id')
  remove(@Param('id') id: string, @SignedIn() me: Me): Promise<PlatformsShown> {
    return this.platforms.remove(me, id);
  }

  /** Whom a platform sent to this browser. */
  @Post('platform/who')
  @HttpCode(200)
  who(@Body() { token }: ArrivalRequest, @Req() request: FastifyRequest): Promise<ArrivalShown> {
    return this.launches.who(token, this.cookies.read(request, 'coming'));
  }

  @Post('platform/me')
  @HttpCode(200)
  itIsMe(
    @Body() { token }: ArrivalRequest,
    @Req() request: FastifyRequest,
    @SignedIn() me: Me,
  ): Promise<ArrivalDone> {
    return this.launches.itIsMe(me, token, this.cookies.read(request, 'coming'));
  }

  @Get('platform/links/:id')
  link(@Param('id') id: string, @SignedIn() me: Me): Promise<PlatformLinkShown> {
    return this.links.shown(me, id);
  }

  @Put('platform/links/:id')
  setLink(
    @Param('id') id: string,
    @Body() body: PlatformLinkRequest,
    @SignedIn() me: Me,
  ): Promise<ArrivalDone> {
    return this.links.set(me, id, body);
  }

  @Get('groups/:id/platform-list')
  list(@Param('id') id: string, @SignedIn() me: Me): Promise<PlatformList | null> {
    return this.links.listOf(me, id);
  }

  @Get('exercises/:id/platform-marks')
  marks(@Param('id') id: string, @SignedIn() me: Me): Promise<PlatformMarks[]> {
    return this.links.marksOf(me, id);
  }
}
