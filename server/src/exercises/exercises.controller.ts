import { Body, Controller, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import {
  ChangeExerciseRequest,
  HandOutRequest,
  NewExerciseRequest,
  TakeBackRequest,
  type ExerciseAnswer,
  type ExerciseSummary,
  type Me,
} from '@gleddo/contract';
import { Only, SignedIn } from '../people/signed-in.js';
import { ApiBody } from '@nestjs/swagger';
import { ExerciseFilesService } from './exercise-files.service.js';
import { HandOutsService } from './hand-outs.service.js';
import { ExercisesService } from './exercises.service.js';

@Only('instructor')
@Controller('api/exercises')
export class ExercisesController {
  constructor(
    private readonly exercises: ExercisesService,
    private readonly handOuts: HandOutsService,
    private readonly files: ExerciseFilesService,
  ) {}

  @Get()
  list(@SignedIn() me: Me): Promise<ExerciseSummary[]> {
    return this.exercises.list(me);
  }

  @Post()
  create(@Body() body: NewExerciseRequest, @SignedIn() me: Me): Promise<ExerciseAnswer> {
    return this.exercises.create(me, body);
  }

  /** From the file of an exercise, or of a key: the body comes as it was sent, and is read elsewhere. */
  @Post('file')
  @ApiBody({ schema: { type: 'object' } })
  takeFile(@Body() body: Buffer | undefined, @SignedIn() me: Me): Promise<ExerciseAnswer> {
    return this.files.take(me, body);
  }

  /** The exercise as its file has it. */
  @Get(':id/file')
  file(@Param('id') id: string, @SignedIn() me: Me): Promise<object> {
    return this.files.of(me, id);
  }

  @Get(':id')
  open(@Param('id') id: string, @SignedIn() me: Me): Promise<ExerciseAnswer> {
    return this.exercises.open(me, id);
  }

  @Patch(':id')
  change(
    @Param('id') id: string,
    @Body() body: ChangeExerciseRequest,
    @SignedIn() me: Me,
  ): Promise<ExerciseAnswer> {
    return this.exercises.change(me, id, body);
  }

  @Post(':id/hand-out')
  @HttpCode(200)
  async handOut(
    @Param('id') id: string,
    @Body() body: HandOutRequest,
    @SignedIn() me: Me,
  ): Promise<ExerciseAnswer> {
    await this.exercises.rowOf(me, id);
    await this.handOuts.handOut(me, id, body.groupId);
    return this.exercises.open(me, id);
  }

  /** From one class; what its students have begun stays theirs. */
  @Post(':id/take-back')
  @HttpCode(200)
  async takeBack(
    @Param('id') id: string,
    @Body() body: TakeBackRequest,
    @SignedIn() me: Me,
  ): Promise<ExerciseAnswer> {
    await this.exercises.rowOf(me, id);
    await this.handOuts.takeBack(me, id, body.groupId, body.sure === true);
    return this.exercises.open(me, id);
  }
}
