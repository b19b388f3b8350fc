import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import {
  TrialRunRequest,
  SpoilRequest,
  type Me,
  type TrialRun,
  type TrialRunMarks,
} from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { TrialRunsService } from './trial-runs.service.js';

@Only('instructor')
@Controller('api/exercises/:id/trial-run')
export class TrialRunsController {
  constructor(private readonly trialRuns: TrialRunsService) {}

  @Get()
  open(@Param('id') id: string, @SignedIn() me: Me): Promise<TrialRun> {
    return this.trialRuns.open(me, id);
  }

  @Post('begin')
  @HttpCode(200)
  begin(
    @Param('id') id: string,
    @Body() { seed }: TrialRunRequest,
    @SignedIn() me: Me,
  ): Promise<TrialRun> {
    return this.trialRuns.begin(me, id, seed ?? null);
  }

  /** Begins with a copy of the key in which faults are planted. */
  @Post('spoil')
  @HttpCode(200)
  spoil(
    @Param('id') id: string,
    @Body() body: SpoilRequest,
    @SignedIn() me: Me,
  ): Promise<TrialRun> {
    return this.trialRuns.spoil(me, id, body);
  }

  @Post('check')
  @HttpCode(200)
  check(@Param('id') id: string, @SignedIn() me: Me): Promise<TrialRunMarks> {
    return this.trialRuns.check(me, id);
  }
}
