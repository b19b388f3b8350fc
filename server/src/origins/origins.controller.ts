import { Body, Controller, Get, HttpCode, Param, ParseIntPipe, Post } from '@nestjs/common';
import {
  PartsRequest,
  type BooksTakenOver,
  type ExerciseAnswer,
  type ExerciseThen,
  type Me,
  type OriginShown,
  type OthersParts,
} from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { BooksTakenOverService } from './books-taken-over.service.js';
import { CopiesService } from './copies.service.js';
import { OtherVersionsService } from './other-versions.service.js';

/** An exercise beside what it was, what it is a copy of, and others. */
@Only('instructor')
@Controller('api/exercises/:id')
export class OriginsController {
  constructor(
    private readonly copies: CopiesService,
    private readonly versions: OtherVersionsService,
    private readonly books: BooksTakenOverService,
  ) {}

  /** An exercise of one's own, which knows of what it is a copy. */
  @Post('copy')
  copy(@Param('id') id: string, @SignedIn() me: Me): Promise<ExerciseAnswer> {
    return this.copies.copy(me, id);
  }

  @Get('as-of/:revision')
  asOf(
    @Param('id') id: string,
    @Param('revision', ParseIntPipe) revision: number,
    @SignedIn() me: Me,
  ): Promise<ExerciseThen> {
    return this.versions.asOf(me, id, revision);
  }

  @Get('origin')
  origin(@Param('id') id: string, @SignedIn() me: Me): Promise<OriginShown> {
    return this.versions.origin(me, id);
  }

  @Get('parts-of/:other')
  partsOf(
    @Param('id') id: string,
    @Param('other') other: string,
    @SignedIn() me: Me,
  ): Promise<OthersParts> {
    return this.versions.partsOf(me, id, other);
  }

  /** Parts that stand elsewhere, with the pictures that they name. */
  @Post('take-over')
  @HttpCode(200)
  takeOver(
    @Param('id') id: string,
    @Body() body: PartsRequest,
    @SignedIn() me: Me,
  ): Promise<ExerciseAnswer> {
    return this.copies.takeOver(me, id, body.changes);
  }

  /** What was changed of the origin's key and start, done here, too, where it still fits. */
  @Post('origin/books')
  @HttpCode(200)
  takeBooks(@Param('id') id: string, @SignedIn() me: Me): Promise<BooksTakenOver> {
    return this.books.takeOver(me, id);
  }
}
