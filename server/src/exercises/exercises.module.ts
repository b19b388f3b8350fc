import { Module } from '@nestjs/common';
import { AuditModule } from '../audit/audit.module.js';
import { BooksModule } from '../books/books.module.js';
import { CompaniesModule } from '../companies/companies.module.js';
import { TimesModule } from '../times/times.module.js';
import { ExercisesController } from './exercises.controller.js';
import { HandOutsService } from './hand-outs.service.js';
import { ExercisesService } from './exercises.service.js';
import { ExerciseChangesService } from './exercise-changes.service.js';
import { SeriesService } from './series.service.js';

@Module({
  imports: [AuditModule, BooksModule, CompaniesModule, TimesModule],
  controllers: [ExercisesController],
  providers: [HandOutsService, ExercisesService, ExerciseChangesService, SeriesService],
  exports: [HandOutsService, ExercisesService, ExerciseChangesService],
})
export class ExercisesModule {}
