import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import {
  OwnFileRequest,
  type InterimCheck,
  type Me,
  type MendedCheck,
  type MyTry,
  type MyTryDetail,
} from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { FilingService } from '../results/filing.service.js';
import { MendingService } from './mending.service.js';
import { TriesService } from './tries.service.js';

@Only('student')
@Controller('api/my-exercises')
export class TriesController {
  constructor(
    private readonly tries: TriesService,
    private readonly mending: MendingService,
    private readonly filing: FilingService,
  ) {}

  @Get()
  list(@SignedIn() me: Me): Promise<MyTry[]> {
    return this.tries.list(me);
  }

  @Get(':id')
  open(@Param('id') id: string, @SignedIn() me: Me): Promise<MyTryDetail> {
    return this.tries.open(me, id);
  }

  @Post(':id/begin')
  @HttpCode(200)
  begin(@Param('id') id: string, @SignedIn() me: Me): Promise<MyTryDetail> {
    return this.tries.begin(me, id);
  }

  @Post(':id/check')
  @HttpCode(200)
  check(@Param('id') id: string, @SignedIn() me: Me): Promise<InterimCheck> {
    return this.tries.checkNow(me, id);
  }

  @Post(':id/hand-in')
  @HttpCode(200)
  handIn(@Param('id') id: string, @SignedIn() me: Me): Promise<MyTryDetail> {
    return this.tries.handIn(me, id);
  }

  /** Hands a file in, where the exercise allows it. */
  @Post(':id/file')
  @HttpCode(200)
  async file(
    @Param('id') id: string,
    @Body() body: OwnFileRequest,
    @SignedIn() me: Me,
  ): Promise<MyTryDetail> {
    const { exercise } = await this.tries.find(me, id);
    await this.filing.fileOwn(me, exercise, body);
    return this.tries.open(me, id);
  }

  /** Begins the copy in which a work that was given back is put right. */
  @Post(':id/copy')
  @HttpCode(200)
  beginCopy(@Param('id') id: string, @SignedIn() me: Me): Promise<MyTryDetail> {
    return this.mending.begin(me, id);
  }

  @Post(':id/copy/check')
  @HttpCode(200)
  checkCopy(@Param('id') id: string, @SignedIn() me: Me): Promise<MendedCheck> {
    return this.mending.check(me, id);
  }
}
