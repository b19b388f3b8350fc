import { Body, Controller, Delete, HttpCode, Param, Post } from '@nestjs/common';
import { HereRequest, type Me, type WhoIsHere } from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { PresenceService } from './presence.service.js';

/** Who has the same company or exercise open. */
@Only('instructor')
@Controller('api/here/:kind/:id')
export class PresenceController {
  constructor(private readonly presence: PresenceService) {}

  @Post()
  @HttpCode(200)
  here(
    @Param('kind') kind: string,
    @Param('id') id: string,
    @Body() body: HereRequest,
    @SignedIn() me: Me,
  ): Promise<WhoIsHere> {
    return this.presence.here(me, { kind, id }, body);
  }

  @Delete()
  leave(@Param('kind') kind: string, @Param('id') id: string, @SignedIn() me: Me): Promise<void> {
    return this.presence.leave(me, { kind, id });
  }
}
