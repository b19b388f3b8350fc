import { Module } from '@nestjs/common';
import { BooksModule } from '../books/books.module.js';
import { ExercisesModule } from '../exercises/exercises.module.js';
import { GuidesModule } from '../guides/guides.module.js';
import { ThreadsModule } from '../threads/threads.module.js';
import { ExerciseFilesController } from './exercise-files.controller.js';
import { ExerciseFilesService } from './exercise-files.service.js';

@Module({
  imports: [BooksModule, ExercisesModule, GuidesModule, ThreadsModule],
  controllers: [ExerciseFilesController],
  providers: [ExerciseFilesService],
  exports: [ExerciseFilesService],
})
export class ExerciseFilesModule {}
