import { Body, Controller, HttpCode, Param, Post } from '@nestjs/common';
import { LetGoOnRequest, type LetGoOn, type Me } from '@gleddo/contract';
import { ExercisesService } from '../exercises/exercises.service.js';
import { Only, SignedIn } from '../http/signed-in.js';
import { GoingOnService } from './going-on.service.js';

/** Who is stuck, or comes late, is let go on from a later step. */
@Only('instructor')
@Controller('api/exercises')
export class GoingOnController {
  constructor(
    private readonly exercises: ExercisesService,
    private readonly goingOn: GoingOnService,
  ) {}

  @Post(':id/let-go-on')
  @HttpCode(200)
  async letGoOn(
    @Param('id') id: string,
    @Body() body: LetGoOnRequest,
    @SignedIn() me: Me,
  ): Promise<LetGoOn> {
    const exercise = await this.exercises.rowOf(me, id);
    return { count: await this.goingOn.letGoOn(me, exercise, body) };
  }
}
