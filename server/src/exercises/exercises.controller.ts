import {
  Body,
  Controller,
  Get,
  HttpCode,
  Param,
  ParseIntPipe,
  Patch,
  Post,
  Put,
} from '@nestjs/common';
import {
  ChangeExerciseRequest,
  ContinueRequest,
  MoreTimeRequest,
  TimesRequest,
  HandOutRequest,
  NewExerciseRequest,
  PartsRequest,
  TakeBackRequest,
  type ExerciseAnswer,
  type ExerciseChange,
  type ExerciseSummary,
  type Me,
  type SeedShown,
} from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { ExerciseChangesService } from './exercise-changes.service.js';
import { SetTimesService } from '../times/set-times.service.js';
import { HandOutsService } from './hand-outs.service.js';
import { SeriesService } from './series.service.js';
import { ExercisesService } from './exercises.service.js';

@Only('instructor')
@Controller('api/exercises')
export class ExercisesController {
  constructor(
    private readonly exercises: ExercisesService,
    private readonly parts: ExerciseChangesService,
    private readonly handOuts: HandOutsService,
    private readonly series: SeriesService,
    private readonly times: SetTimesService,
  ) {}

  @Get()
  list(@SignedIn() me: Me): Promise<ExerciseSummary[]> {
    return this.exercises.list(me);
  }

  @Post()
  create(@Body() body: NewExerciseRequest, @SignedIn() me: Me): Promise<ExerciseAnswer> {
    return this.exercises.create(me, body);
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

  /** The seeds of all who have it. */
  @Get(':id/seeds')
  async seeds(@Param('id') id: string, @SignedIn() me: Me): Promise<SeedShown[]> {
    await this.exercises.rowOf(me, id, 'assist');
    return this.handOuts.seedsOf(me, id);
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

  @Put(':id/times')
  async setTimes(
    @Param('id') id: string,
    @Body() body: TimesRequest,
    @SignedIn() me: Me,
  ): Promise<ExerciseAnswer> {
    await this.exercises.rowOf(me, id, 'mark');
    await this.handOuts.judgeTaught(me, body.groupId);
    await this.times.forClass(me, id, body);
    return this.exercises.open(me, id);
  }

  /** For one student; nobody else is told. */
  @Put(':id/more-time')
  async setMoreTime(
    @Param('id') id: string,
    @Body() body: MoreTimeRequest,
    @SignedIn() me: Me,
  ): Promise<ExerciseAnswer> {
    await this.exercises.rowOf(me, id, 'mark');
    await this.handOuts.judgeSeen(me, id, body.personId);
    await this.times.forStudent(me, id, body);
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
