import { Body, Controller, Get, HttpCode, Param, Post, Res } from '@nestjs/common';
import {
  NameMomentRequest,
  OperationsRequest,
  SetBackRequest,
  type HistoryEntry,
  type Me,
  type Moment,
} from '@gleddo/contract';
import type { FastifyReply } from 'fastify';
import { SignedIn } from '../people/signed-in.js';
import { BookChangesService } from './book-changes.service.js';
import { BookHistoryService } from './book-history.service.js';
import { BooksService } from './books.service.js';

@Controller('api/books')
export class BooksController {
  constructor(
    private readonly books: BooksService,
    private readonly changes: BookChangesService,
    private readonly past: BookHistoryService,
  ) {}

  @Get(':id')
  async open(@Param('id') id: string, @SignedIn() me: Me, @Res() reply: FastifyReply) {
    await asJson(reply, await this.books.open(id, me));
  }

  @Post(':id/operations')
  @HttpCode(200)
  async change(
    @Param('id') id: string,
    @Body() body: OperationsRequest,
    @SignedIn() me: Me,
    @Res() reply: FastifyReply,
  ) {
    const { revision, text } = await this.changes.change(id, me, body);
    await asJson(reply, `{"revision":${revision},"book":${text ?? 'null'}}`);
  }

  /** Back to how it stood after an earlier revision, even where the newest can't be read. */
  @Post(':id/set-back')
  @HttpCode(200)
  async setBack(
    @Param('id') id: string,
    @Body() body: SetBackRequest,
    @SignedIn() me: Me,
  ): Promise<{ revision: number }> {
    return { revision: await this.past.setBack(id, me, body.revision) };
  }

  @Get(':id/moments')
  moments(@Param('id') id: string, @SignedIn() me: Me): Promise<Moment[]> {
    return this.past.moments(id, me);
  }

  @Post(':id/moments')
  @HttpCode(200)
  nameMoment(
    @Param('id') id: string,
    @Body() body: NameMomentRequest,
    @SignedIn() me: Me,
  ): Promise<Moment[]> {
    return this.past.nameMoment(id, me, body.revision, body.name);
  }

  @Get(':id/history')
  history(@Param('id') id: string, @SignedIn() me: Me): Promise<HistoryEntry[]> {
    return this.past.history(id, me);
  }
}

/** Sends what is JSON already, as a text. */
const asJson = (reply: FastifyReply, text: string) =>
  reply.type('application/json; charset=utf-8').send(text);
