import { Body, Controller, HttpCode, Param, Post } from '@nestjs/common';
import { LetGoOnRequest, type LetGoOn, type Me } from '@gleddo/contract';
import { ExercisesService } from '../exercises/exercises.service.js';
import { Only, SignedIn } from '../http/signed-in.js';
import { SkippingAheadService } from './skipping-ahead.service.js';

/** Who is stuck, or comes late, is let go on from a later step. */
@Only('instructor')
@Controller('api/exercises')
export class SkippingAheadController {
  constructor(
    private readonly exercises: ExercisesService,
    private readonly skippingAhead: SkippingAheadService,
  ) {}

  @Post(':id/let-skip-ahead')
  @HttpCode(200)
  async letGoOn(
    @Param('id') id: string,
    @Body() body: LetGoOnRequest,
    @SignedIn() me: Me,
  ): Promise<LetGoOn> {
    const exercise = await this.exercises.rowOf(me, id, 'mark');
    return { count: await this.skippingAhead.letGoOn(me, exercise, body) };
  }
}
