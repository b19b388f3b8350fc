import { Body, Controller, Get, HttpCode, Param, ParseIntPipe, Patch, Post } from '@nestjs/common';
import {
  ChangeExerciseRequest,
  ContinueRequest,
  HandOutRequest,
  LetGoOnRequest,
  NewExerciseRequest,
  PartsRequest,
  TakeBackRequest,
  type ExerciseAnswer,
  type ExerciseChange,
  type ExerciseSummary,
  type LetGoOn,
  type Me,
  type PractisedShown,
  type SeedShown,
} from '@gleddo/contract';
import { Only, SignedIn } from '../people/signed-in.js';
import { ApiBody } from '@nestjs/swagger';
import { ExerciseChangesService } from './exercise-changes.service.js';
import { ExerciseFilesService } from './exercise-files.service.js';
import { HandOutsService } from './hand-outs.service.js';
import { GoingOnService } from '../guides/going-on.service.js';
import { PracticesService } from '../practices/practices.service.js';
import { SeriesService } from './series.service.js';
import { ExercisesService } from './exercises.service.js';

@Only('instructor')
@Controller('api/exercises')
export class ExercisesController {
  constructor(
    private readonly exercises: ExercisesService,
    private readonly parts: ExerciseChangesService,
    private readonly handOuts: HandOutsService,
    private readonly files: ExerciseFilesService,
    private readonly series: SeriesService,
    private readonly goingOn: GoingOnService,
    private readonly practices: PracticesService,
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
    return this.exercises.putAway(me, id, body.putAway);
  }

  /** What was changed of its parts by whom, the latest first. */
  @Get(':id/changes')
  changes(@Param('id') id: string, @SignedIn() me: Me): Promise<ExerciseChange[]> {
    return this.parts.list(me, id);
  }

  @Post(':id/changes')
  @HttpCode(200)
  changeParts(
    @Param('id') id: string,
    @Body() body: PartsRequest,
    @SignedIn() me: Me,
  ): Promise<ExerciseAnswer> {
    return this.parts.change(me, id, body.changes);
  }

  @Post(':id/changes/:revision/take-back')
  @HttpCode(200)
  takeBackChange(
    @Param('id') id: string,
    @Param('revision', ParseIntPipe) revision: number,
    @SignedIn() me: Me,
  ): Promise<ExerciseAnswer> {
    return this.parts.takeBack(me, id, revision);
  }

  /** The next exercise of a series. */
  @Post(':id/continue')
  continue(
    @Param('id') id: string,
    @Body() body: ContinueRequest,
    @SignedIn() me: Me,
  ): Promise<ExerciseAnswer> {
    return this.series.continue(me, id, body);
  }

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

  /** The seeds of all who have it. */
  @Get(':id/seeds')
  async seeds(@Param('id') id: string, @SignedIn() me: Me): Promise<SeedShown[]> {
    await this.exercises.rowOf(me, id);
    return this.handOuts.seedsOf(id);
  }

  @Get(':id/practised')
  async practised(@Param('id') id: string, @SignedIn() me: Me): Promise<PractisedShown[]> {
    await this.exercises.rowOf(me, id);
    return this.practices.practisedBy(id);
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
    await this.handOuts.takeBack(me, id, { groupId: body.groupId, isSure: body.sure === true });
    return this.exercises.open(me, id);
  }
}
