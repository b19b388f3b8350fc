import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { AskWordRequest, SeenWordsRequest, type Me, type Word } from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { WordsService } from './words.service.js';

/** What a student asks about their own work, and what is said to them. */
@Only('student')
@Controller('api/my-exercises/:id/words')
export class MyWordsController {
  constructor(private readonly words: WordsService) {}

  @Get()
  list(@Param('id') id: string, @SignedIn() me: Me): Promise<Word[]> {
    return this.words.mine(me, id);
  }

  @Post()
  @HttpCode(200)
  ask(@Param('id') id: string, @Body() body: AskWordRequest, @SignedIn() me: Me): Promise<Word[]> {
    return this.words.ask(me, id, body);
  }

  @Post('seen')
  @HttpCode(200)
  seen(
    @Param('id') id: string,
    @Body() { words }: SeenWordsRequest,
    @SignedIn() me: Me,
  ): Promise<Word[]> {
    return this.words.seen(me, id, words);
  }
}
