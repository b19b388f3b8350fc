import { Controller, Get, Param } from '@nestjs/common';
import type { Me, PractisedShown } from '@gleddo/contract';
import { ExercisesService } from '../exercises/exercises.service.js';
import { Only, SignedIn } from '../http/signed-in.js';
import { PracticesService } from './practices.service.js';

/** What of practice its instructor sees. */
@Only('instructor')
@Controller('api/exercises')
export class PractisedController {
  constructor(
    private readonly exercises: ExercisesService,
    private readonly practices: PracticesService,
  ) {}

  /** How often it was practised by whom, and what came of it. */
  @Get(':id/practised')
  async practised(@Param('id') id: string, @SignedIn() me: Me): Promise<PractisedShown[]> {
    await this.exercises.rowOf(me, id, 'assist');
    return this.practices.practisedBy(me, id);
  }
}
