import { Body, Controller, Delete, Get, Param, Put } from '@nestjs/common';
import { ShareRequest, type Me, type Sharing } from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { SharingService } from './sharing.service.js';

/** What colleagues share: companies, exercises, class groups, stocks of notes. */
@Only('instructor')
@Controller('api/sharing/:kind/:id')
export class SharingController {
  constructor(private readonly sharing: SharingService) {}

  @Get()
  of(@Param('kind') kind: string, @Param('id') id: string, @SignedIn() me: Me): Promise<Sharing> {
    return this.sharing.of(me, { kind, id });
  }

  @Put()
  share(
    @Param('kind') kind: string,
    @Param('id') id: string,
    @Body() body: ShareRequest,
    @SignedIn() me: Me,
  ): Promise<Sharing> {
    return this.sharing.share(me, { kind, id }, body);
  }

  /** No longer with a colleague; or with oneself, where a colleague shares it. */
  @Delete(':person')
  async end(
    @Param('kind') kind: string,
    @Param('id') id: string,
    @Param('person') person: string,
    @SignedIn() me: Me,
  ): Promise<Sharing> {
    return this.sharing.end(me, { kind, id }, person);
  }
}
