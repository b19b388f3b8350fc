import { Body, Controller, Get, HttpCode, Param, Post, Req, Res } from '@nestjs/common';
import { ChoosePasswordRequest, type LinkShown, type Me } from '@gleddo/contract';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { Open } from '../http/signed-in.js';
import { ComingIn } from './coming-in.js';
import { SignInLinksService } from './sign-in-links.service.js';

/** What stands in a link can’t be guessed, and a password is hashed only for one that is: a whole class comes by theirs at once. */
@Open()
@Controller('api/links')
export class SignInLinksController {
  constructor(
    private readonly links: SignInLinksService,
    private readonly comingIn: ComingIn,
  ) {}

  /** Whom a link is for. */
  @Get(':token')
  look(@Param('token') token: string): Promise<LinkShown> {
    return this.links.look(token);
  }

  /** Chooses the password; who asks for no second device is signed in. */
  @Post(':token')
  @HttpCode(200)
  async choose(
    @Param('token') token: string,
    @Body() { password }: ChoosePasswordRequest,
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<Me | null> {
    const { me, hasSecondFactor } = await this.links.use(token, password);
    return hasSecondFactor ? null : this.comingIn.begin(reply, me, request);
  }
}
