import { ApiQuery } from '@nestjs/swagger';
import { Body, Controller, Get, HttpCode, Param, Post, Query } from '@nestjs/common';
import { SayWordRequest, type AtWork, type Me } from '@gleddo/contract';
import { ExercisesService } from '../exercises/exercises.service.js';
import { Only, SignedIn } from '../http/signed-in.js';
import { WordsService } from '../words/words.service.js';
import { AtWorkService } from './at-work.service.js';

/** A class at work: how far each is, what they ask, what is said to them. */
@Only('instructor')
@Controller('api/exercises/:id')
export class AtWorkController {
  constructor(
    private readonly atWork: AtWorkService,
    private readonly exercises: ExercisesService,
    private readonly words: WordsService,
  ) {}

  @Get('at-work')
  @ApiQuery({ name: 'group', required: false })
  look(
    @Param('id') id: string,
    @Query('group') group: string | undefined,
    @SignedIn() me: Me,
  ): Promise<AtWork> {
    return this.atWork.of(me, id, group ?? null);
  }

  @Post('words')
  @HttpCode(200)
  async say(
    @Param('id') id: string,
    @Body() body: SayWordRequest,
    @SignedIn() me: Me,
  ): Promise<AtWork> {
    await this.exercises.rowOf(me, id, 'assist');
    await this.words.say(me, id, body);
    return this.atWork.of(me, id);
  }

  @Post('words/:word/put-away')
  @HttpCode(200)
  async putAway(
    @Param('id') id: string,
    @Param('word') word: string,
    @SignedIn() me: Me,
  ): Promise<AtWork> {
    await this.exercises.rowOf(me, id, 'assist');
    await this.words.putAway(me, id, word);
    return this.atWork.of(me, id);
  }
}
