import { Module } from '@nestjs/common';
import { BooksModule } from '../books/books.module.js';
import { ExercisesModule } from '../exercises/exercises.module.js';
import { ResultsModule } from '../results/results.module.js';
import { TrialRunsController } from './trial-runs.controller.js';
import { TrialRunsService } from './trial-runs.service.js';

@Module({
  imports: [BooksModule, ExercisesModule, ResultsModule],
  controllers: [TrialRunsController],
  providers: [TrialRunsService],
})
export class TrialRunsModule {}
