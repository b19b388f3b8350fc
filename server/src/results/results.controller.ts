import { ApiQuery } from '@nestjs/swagger';
import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
  ParseIntPipe,
  Post,
  Query,
} from '@nestjs/common';
import {
  AcceptRequest,
  CheckAgainRequest,
  FiledRequest,
  GiveAllBackRequest,
  GiveBackRequest,
  NewNoteRequest,
  PairsRequest,
  RightNamesRequest,
  type ClassResults,
  type AlikeShown,
  type WorkOpen,
  type CopiedShown,
  type KeyVersionShown,
  type Marked,
  type Me,
  type NoteWritten,
  type PastCheck,
  type Preview,
} from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { AcceptancesService } from './acceptances.service.js';
import { ExercisesService } from '../exercises/exercises.service.js';
import { CopiedFiguresService } from './copied-figures.service.js';
import { OpenWorks } from './open-works.service.js';
import { WorksAlikeService } from './works-alike.service.js';
import { UploadedWorksService } from './uploaded-works.service.js';
import { ClassResultsService } from './class-results.service.js';
import { MarkingService } from './marking.service.js';
import { NotesWrittenService } from './notes-written.service.js';
import { OpeningAgainService } from './opening-again.service.js';
import { PastChecksService } from './past-checks.service.js';

@Only('instructor')
@Controller('api')
export class ResultsController {
  constructor(
    private readonly marking: MarkingService,
    private readonly results: ClassResultsService,
    private readonly acceptances: AcceptancesService,
    private readonly uploadedWorks: UploadedWorksService,
    private readonly exercises: ExercisesService,
    private readonly copied: CopiedFiguresService,
    private readonly alike: WorksAlikeService,
    private readonly openWorks: OpenWorks,
    private readonly past: PastChecksService,
    private readonly again: OpeningAgainService,
    private readonly written: NotesWrittenService,
  ) {}

  @Get('exercises/:id/results')
  @ApiQuery({ name: 'group', required: false })
  classResults(
    @Param('id') id: string,
    @Query('group') group: string | undefined,
    @SignedIn() me: Me,
  ): Promise<ClassResults> {
    return this.results.open(me, id, group ?? null);
  }

  /** In whose works somebody else’s own figures stand. */
  @Get('exercises/:id/copied-figures')
  async copiedFigures(@Param('id') id: string, @SignedIn() me: Me): Promise<CopiedShown[]> {
    return this.copied.seenBy(me, await this.exercises.rowOf(me, id, 'assist'));
  }

  /** Which works have so much in common that is odd that it is hardly chance. */
  @Get('exercises/:id/works-alike')
  async worksAlike(@Param('id') id: string, @SignedIn() me: Me): Promise<AlikeShown[]> {
    return this.alike.seenBy(me, await this.exercises.rowOf(me, id, 'assist'));
  }

  /** Which notes were written again and again, over all classes. */
  @Get('exercises/:id/notes-written')
  notesWritten(@Param('id') id: string, @SignedIn() me: Me): Promise<NoteWritten[]> {
    return this.written.of(me, id);
  }

  @Post('exercises/:id/check-again')
  @HttpCode(200)
  async checkAgain(
    @Param('id') id: string,
    @Body() { givenBack }: CheckAgainRequest,
    @SignedIn() me: Me,
  ): Promise<ClassResults> {
    await this.marking.checkAgain(me, id, givenBack);
    return this.results.open(me, id);
  }

  /** Whose marks today's key would change. */
  @Get('exercises/:id/check-again/preview')
  previewOfToday(@Param('id') id: string, @SignedIn() me: Me): Promise<Preview> {
    return this.acceptances.previewOfToday(me, id);
  }

  @Get('exercises/:id/key-versions')
  keyVersions(@Param('id') id: string, @SignedIn() me: Me): Promise<KeyVersionShown[]> {
    return this.marking.keyVersions(me, id);
  }

  /** Puts a file beside the class, as a student's work. */
  @Post('exercises/:id/files')
  @HttpCode(204)
  file(@Param('id') id: string, @Body() body: FiledRequest, @SignedIn() me: Me): Promise<void> {
    return this.uploadedWorks.file(me, id, body);
  }

  /** Leaves unchecked what still waits. */
  @Post('exercises/:id/check-again/cancel')
  @HttpCode(200)
  async cancel(@Param('id') id: string, @SignedIn() me: Me): Promise<ClassResults> {
    await this.marking.cancelChecks(me, id);
    return this.results.open(me, id);
  }

  @Post('exercises/:id/give-back')
  @HttpCode(200)
  async giveAllBack(
    @Param('id') id: string,
    @Body() body: GiveAllBackRequest,
    @SignedIn() me: Me,
  ): Promise<ClassResults> {
    await this.marking.giveAllBack(me, id, body);
    return this.results.open(me, id);
  }

  @Get('tries/:id/earlier/:number')
  openEarlier(
    @Param('id') id: string,
    @Param('number', ParseIntPipe) number: number,
    @SignedIn() me: Me,
  ): Promise<Marked> {
    return this.marking.openEarlier(me, id, number);
  }

  @Get('tries/:id')
  open(@Param('id') id: string, @SignedIn() me: Me): Promise<Marked> {
    return this.marking.open(me, id);
  }

  /** The work is open, from now on or still. */
  @Post('tries/:id/open')
  @HttpCode(200)
  look(@Param('id') id: string, @SignedIn() me: Me): Promise<WorkOpen> {
    return this.marking.look(me, id);
  }

  @Delete('tries/:id/open')
  @HttpCode(204)
  leave(@Param('id') id: string, @SignedIn() me: Me): Promise<void> {
    return this.openWorks.leave(me, id);
  }

  /** The checks that the work has had, the newest first. */
  @Get('tries/:id/checks')
  checksOf(@Param('id') id: string, @SignedIn() me: Me): Promise<PastCheck[]> {
    return this.past.of(me, id);
  }

  @Post('tries/:id/notes')
  @HttpCode(200)
  addNote(
    @Param('id') id: string,
    @Body() body: NewNoteRequest,
    @SignedIn() me: Me,
  ): Promise<Marked> {
    return this.marking.addNote(me, id, body);
  }

  @Delete('tries/:id/notes/:note')
  removeNote(
    @Param('id') id: string,
    @Param('note') note: string,
    @SignedIn() me: Me,
  ): Promise<Marked> {
    return this.marking.removeNote(me, id, note);
  }

  /** Names of the class that are right, kept together and checked once. */
  @Post('exercises/:id/right-names')
  @HttpCode(200)
  async rightNames(
    @Param('id') id: string,
    @Body() { names }: RightNamesRequest,
    @SignedIn() me: Me,
  ): Promise<ClassResults> {
    await this.acceptances.acceptNames(me, id, names);
    return this.results.open(me, id);
  }

  @Post('tries/:id/accept')
  @HttpCode(200)
  accept(
    @Param('id') id: string,
    @Body() body: AcceptRequest,
    @SignedIn() me: Me,
  ): Promise<Marked> {
    return this.acceptances.accept(me, id, body);
  }

  /** Whose marks accepting it would change. */
  @Post('tries/:id/accept/preview')
  @HttpCode(200)
  previewAccept(
    @Param('id') id: string,
    @Body() body: AcceptRequest,
    @SignedIn() me: Me,
  ): Promise<Preview> {
    return this.acceptances.preview(me, id, body);
  }

  /** Accounts joined and parted by hand. */
  @Post('tries/:id/pairs')
  @HttpCode(200)
  pair(
    @Param('id') id: string,
    @Body() { pairs }: PairsRequest,
    @SignedIn() me: Me,
  ): Promise<Marked> {
    return this.marking.pair(me, id, pairs);
  }

  @Post('tries/:id/take-back')
  @HttpCode(200)
  takeBack(@Param('id') id: string, @SignedIn() me: Me): Promise<Marked> {
    return this.marking.takeBack(me, id);
  }

  /** Lets its student go on working on it. */
  @Post('tries/:id/open-again')
  @HttpCode(204)
  openAgain(@Param('id') id: string, @SignedIn() me: Me): Promise<void> {
    return this.again.open(me, id);
  }

  @Post('tries/:id/give-back')
  @HttpCode(200)
  giveBack(
    @Param('id') id: string,
    @Body() { shows }: GiveBackRequest,
    @SignedIn() me: Me,
  ): Promise<Marked> {
    return this.marking.giveBack(me, id, shows);
  }
}
