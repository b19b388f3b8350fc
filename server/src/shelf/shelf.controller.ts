import { Controller, Get, Param, Post } from '@nestjs/common';
import type { ExerciseAnswer, Me, ReadyShown } from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { ShelfService } from './shelf.service.js';

/** The ready exercises that ship with the program. */
@Only('instructor')
@Controller('api/shelf')
export class ShelfController {
  constructor(private readonly shelf: ShelfService) {}

  @Get()
  list(): ReadyShown[] {
    return this.shelf.list();
  }

  /** One of them, whole, to be looked at before it is taken. */
  @Get(':ready')
  look(@Param('ready') ready: string): object {
    return this.shelf.look(ready);
  }

  /** An exercise of one’s own, made from a ready one. */
  @Post(':ready/take')
  take(@Param('ready') ready: string, @SignedIn() me: Me): Promise<ExerciseAnswer> {
    return this.shelf.take(me, ready);
  }
}
