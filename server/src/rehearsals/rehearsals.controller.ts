import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import {
  RehearseRequest,
  SpoilRequest,
  type Me,
  type Rehearsal,
  type RehearsalMarks,
} from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { RehearsalsService } from './rehearsals.service.js';

@Only('instructor')
@Controller('api/exercises/:id/rehearsal')
export class RehearsalsController {
  constructor(private readonly rehearsals: RehearsalsService) {}

  @Get()
  open(@Param('id') id: string, @SignedIn() me: Me): Promise<Rehearsal> {
    return this.rehearsals.open(me, id);
  }

  @Post('begin')
  @HttpCode(200)
  begin(
    @Param('id') id: string,
    @Body() { seed }: RehearseRequest,
    @SignedIn() me: Me,
  ): Promise<Rehearsal> {
    return this.rehearsals.begin(me, id, seed ?? null);
  }

  /** Begins with a copy of the key in which faults are planted. */
  @Post('spoil')
  @HttpCode(200)
  spoil(
    @Param('id') id: string,
    @Body() body: SpoilRequest,
    @SignedIn() me: Me,
  ): Promise<Rehearsal> {
    return this.rehearsals.spoil(me, id, body);
  }

  @Post('check')
  @HttpCode(200)
  check(@Param('id') id: string, @SignedIn() me: Me): Promise<RehearsalMarks> {
    return this.rehearsals.check(me, id);
  }
}
