import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import {
  AcceptRequest,
  NewNoteRequest,
  type ClassResults,
  type Marked,
  type Me,
} from '@gleddo/contract';
import { Only, SignedIn } from '../people/signed-in.js';
import { ClassResultsService } from './class-results.service.js';
import { MarkingService } from './marking.service.js';

@Only('instructor')
@Controller('api')
export class ResultsController {
  constructor(
    private readonly marking: MarkingService,
    private readonly results: ClassResultsService,
  ) {}

  @Get('exercises/:id/results')
  classResults(@Param('id') id: string, @SignedIn() me: Me): Promise<ClassResults> {
    return this.results.open(me, id);
  }

  @Post('exercises/:id/check-again')
  @HttpCode(200)
  async checkAgain(@Param('id') id: string, @SignedIn() me: Me): Promise<ClassResults> {
    await this.marking.checkAgain(me, id);
    return this.results.open(me, id);
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
  async giveAllBack(@Param('id') id: string, @SignedIn() me: Me): Promise<ClassResults> {
    await this.marking.giveAllBack(me, id);
    return this.results.open(me, id);
  }

  @Get('tries/:id')
  open(@Param('id') id: string, @SignedIn() me: Me): Promise<Marked> {
    return this.marking.open(me, id);
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

  @Post('tries/:id/accept')
  @HttpCode(200)
  accept(
    @Param('id') id: string,
    @Body() body: AcceptRequest,
    @SignedIn() me: Me,
  ): Promise<Marked> {
    return this.marking.accept(me, id, body);
  }

  @Post('tries/:id/give-back')
  @HttpCode(200)
  giveBack(@Param('id') id: string, @SignedIn() me: Me): Promise<Marked> {
    return this.marking.giveBack(me, id);
  }
}
