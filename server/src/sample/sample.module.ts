import { Module } from '@nestjs/common';
import { AuditModule } from '../audit/audit.module.js';
import { BooksModule } from '../books/books.module.js';
import { CompaniesModule } from '../companies/companies.module.js';
import { ExerciseFilesModule } from '../exercise-files/exercise-files.module.js';
import { ExercisesModule } from '../exercises/exercises.module.js';
import { GroupsModule } from '../groups/groups.module.js';
import { ResultsModule } from '../results/results.module.js';
import { SampleController } from './sample.controller.js';
import { SampleService } from './sample.service.js';
import { SampleWorks } from './sample-works.js';

@Module({
  imports: [
    ...[AuditModule, BooksModule, CompaniesModule, ExerciseFilesModule, ExercisesModule],
    ...[GroupsModule, ResultsModule],
  ],
  controllers: [SampleController],
  providers: [SampleService, SampleWorks],
  exports: [SampleService],
})
export class SampleModule {}
