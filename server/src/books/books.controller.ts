import {
  Body,
  Controller,
  Get,
  HttpCode,
  Param,
  ParseIntPipe,
  Post,
  Req,
  Res,
  Sse,
  type MessageEvent,
} from '@nestjs/common';
import {
  ChangesRequest,
  NameMomentRequest,
  OperationsRequest,
  SetBackRequest,
  type ChangesAnswer,
  type HistoryEntry,
  type Me,
  type Moment,
} from '@gleddo/contract';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { Cookies } from '../people/cookies.js';
import { SignedIn } from '../http/signed-in.js';
import { BookChangesService } from './book-changes.service.js';
import { BookHistoryService, type Newer } from './book-history.service.js';
import type { Observable } from 'rxjs';
import { BookEvents } from './book-events.js';
import { BooksService } from './books.service.js';

@Controller('api/books')
export class BooksController {
  constructor(
    private readonly books: BooksService,
    private readonly changes: BookChangesService,
    private readonly past: BookHistoryService,
    private readonly events: BookEvents,
    private readonly cookies: Cookies,
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

  /** Several changes, one after the other: what waited while there was no connection. */
  @Post(':id/changes')
  @HttpCode(200)
  async changeAll(
    @Param('id') id: string,
    @Body() body: ChangesRequest,
    @SignedIn() me: Me,
    @Res() reply: FastifyReply,
  ) {
    const { revision, refused, isNewer } = await this.changes.changeAll(id, me, body);
    const newer = isNewer ? await this.past.since(id, me, body.revision) : null;
    const head = { revision: newer?.revision ?? revision, refused };
    await asJson(reply, withNewer(head, newer));
  }

  /** What became of a book since a revision. */
  @Get(':id/since/:revision')
  async since(
    @Param('id') id: string,
    @Param('revision', ParseIntPipe) revision: number,
    @SignedIn() me: Me,
    @Res() reply: FastifyReply,
  ) {
    const newer = await this.past.since(id, me, revision);
    const head = { revision: newer?.revision ?? revision, refused: [] };
    await asJson(reply, withNewer(head, newer));
  }

  /** Tells, as server-sent events, at which revision a book is: at once, and after each change. */
  @Sse(':id/events')
  hear(
    @Param('id') id: string,
    @SignedIn() me: Me,
    @Req() request: FastifyRequest,
  ): Promise<Observable<MessageEvent>> {
    return this.events.of(id, me, this.cookies.read(request, 'session') ?? '');
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
    return this.past.nameMoment(id, me, { revision: body.revision, name: body.name });
  }

  @Get(':id/history')
  history(@Param('id') id: string, @SignedIn() me: Me): Promise<HistoryEntry[]> {
    return this.past.history(id, me);
  }
}

/** Sends what is JSON already, as a text. */
const asJson = (reply: FastifyReply, text: string) =>
  reply.type('application/json; charset=utf-8').send(text);

/** An answer to changes as JSON: the newer book goes out as it is kept, unread. */
function withNewer(head: Omit<ChangesAnswer, 'newer'>, newer: Newer | null): string {
  const described = newer && `{"book":${newer.text},"steps":${JSON.stringify(newer.steps)}}`;
  return `${JSON.stringify(head).slice(0, -1)},"newer":${described}}`;
}
