import { Body, Controller, Get, HttpCode, Post, Put } from '@nestjs/common';
import {
  LinkLetterRequest,
  OwnLettersRequest,
  type LetterGone,
  type Me,
  type OwnLetters,
} from '@gleddo/contract';
import { Throttle } from '@nestjs/throttler';
import { Only, SignedIn } from '../http/signed-in.js';
import { LinkLettersService } from './link-letters.service.js';
import { OwnLettersService } from './own-letters.service.js';

@Controller('api')
export class LettersController {
  constructor(
    private readonly own: OwnLettersService,
    private readonly links: LinkLettersService,
  ) {}

  @Get('me/letters')
  ownLetters(@SignedIn() me: Me): Promise<OwnLetters> {
    return this.own.of(me);
  }

  @Put('me/letters')
  want(@Body() wanted: OwnLettersRequest, @SignedIn() me: Me): Promise<OwnLetters> {
    return this.own.want(me, wanted);
  }

  /** Sends a link to its person: whoever knows the link could use it themselves. */
  @Only('instructor')
  @Post('letters/link')
  @Throttle({ default: { limit: 60, ttl: 60_000 } })
  @HttpCode(200)
  link(@Body() { token }: LinkLetterRequest, @SignedIn() me: Me): Promise<LetterGone> {
    return this.links.send(me, token);
  }
}
