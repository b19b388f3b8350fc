import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import {
  NameMomentRequest,
  OperationsRequest,
  type BookAnswer,
  type HistoryEntry,
  type Me,
  type Moment,
  type OperationsAnswer,
} from '@gleddo/contract';
import { SignedIn } from '../people/signed-in.js';
import { BooksService } from './books.service.js';

@Controller('api/books')
export class BooksController {
  constructor(private readonly books: BooksService) {}

  @Get(':id')
  open(@Param('id') id: string, @SignedIn() me: Me): Promise<BookAnswer> {
    return this.books.open(id, me);
  }

  @Post(':id/operations')
  @HttpCode(200)
  change(
    @Param('id') id: string,
    @Body() body: OperationsRequest,
    @SignedIn() me: Me,
  ): Promise<OperationsAnswer> {
    return this.books.change(id, me, body.revision, body.operations, body.token);
  }

  @Get(':id/moments')
  moments(@Param('id') id: string, @SignedIn() me: Me): Promise<Moment[]> {
    return this.books.moments(id, me);
  }

  @Post(':id/moments')
  @HttpCode(200)
  nameMoment(
    @Param('id') id: string,
    @Body() body: NameMomentRequest,
    @SignedIn() me: Me,
  ): Promise<Moment[]> {
    return this.books.nameMoment(id, me, body.revision, body.name.trim());
  }

  @Get(':id/history')
  history(@Param('id') id: string, @SignedIn() me: Me): Promise<HistoryEntry[]> {
    return this.books.history(id, me);
  }
}
