import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import {
  OperationsRequest,
  type BookAnswer,
  type HistoryEntry,
  type Me,
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

  @Get(':id/history')
  history(@Param('id') id: string, @SignedIn() me: Me): Promise<HistoryEntry[]> {
    return this.books.history(id, me);
  }
}
