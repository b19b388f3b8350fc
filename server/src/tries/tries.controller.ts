import { Body, Controller, Get, HttpCode, Param, ParseIntPipe, Post } from '@nestjs/common';
import {
  HandInRequest,
  OwnFileRequest,
  type InterimCheck,
  type Me,
  type CorrectedCheck,
  type MyTry,
  type MyTryDetail,
} from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { UploadedWorksService } from '../results/uploaded-works.service.js';
import { CorrectionsService } from './corrections.service.js';
import { TriesService } from './tries.service.js';

@Only('student')
@Controller('api/my-exercises')
export class TriesController {
  constructor(
    private readonly tries: TriesService,
    private readonly correcting: CorrectionsService,
    private readonly uploadedWorks: UploadedWorksService,
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

  /** Another try at what was given back. */
  @Post(':id/begin-again')
  @HttpCode(200)
  beginAgain(@Param('id') id: string, @SignedIn() me: Me): Promise<MyTryDetail> {
    return this.tries.beginAgain(me, id);
  }

  @Get(':id/earlier/:number')
  openEarlier(
    @Param('id') id: string,
    @Param('number', ParseIntPipe) number: number,
    @SignedIn() me: Me,
  ): Promise<MyTryDetail> {
    return this.tries.openEarlier(me, id, number);
  }

  @Post(':id/check')
  @HttpCode(200)
  check(@Param('id') id: string, @SignedIn() me: Me): Promise<InterimCheck> {
    return this.tries.checkNow(me, id);
  }

  @Post(':id/hand-in')
  @HttpCode(200)
  handIn(
    @Param('id') id: string,
    @Body() { wishedAt }: HandInRequest,
    @SignedIn() me: Me,
  ): Promise<MyTryDetail> {
    return this.tries.handIn(me, id, wishedAt);
  }

  /** Hands a file in, where the exercise allows it. */
  @Post(':id/file')
  @HttpCode(200)
  async file(
    @Param('id') id: string,
    @Body() body: OwnFileRequest,
    @SignedIn() me: Me,
  ): Promise<MyTryDetail> {
    const { exercise } = await this.tries.findToDo(me, id);
    await this.uploadedWorks.fileOwn(me, exercise, body);
    return this.tries.open(me, id);
  }

  /** Begins the copy in which a work that was given back is put right. */
  @Post(':id/copy')
  @HttpCode(200)
  beginCopy(@Param('id') id: string, @SignedIn() me: Me): Promise<MyTryDetail> {
    return this.correcting.begin(me, id);
  }

  @Post(':id/copy/check')
  @HttpCode(200)
  checkCopy(@Param('id') id: string, @SignedIn() me: Me): Promise<CorrectedCheck> {
    return this.correcting.check(me, id);
  }
}
