import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { PracticeRequest, type Me, type Practice, type PracticeCheck } from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { PracticesService } from './practices.service.js';

@Only('student')
@Controller('api/practices')
export class PracticesController {
  constructor(private readonly practices: PracticesService) {}

  @Get()
  list(@SignedIn() me: Me): Promise<Practice[]> {
    return this.practices.list(me);
  }

  @Post()
  begin(@Body() { exerciseId }: PracticeRequest, @SignedIn() me: Me): Promise<Practice> {
    return this.practices.begin(me, exerciseId);
  }

  @Get(':id')
  open(@Param('id') id: string, @SignedIn() me: Me): Promise<Practice> {
    return this.practices.open(me, id);
  }

  @Post(':id/check')
  @HttpCode(200)
  check(@Param('id') id: string, @SignedIn() me: Me): Promise<PracticeCheck> {
    return this.practices.check(me, id);
  }
}
