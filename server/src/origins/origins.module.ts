import { Module } from '@nestjs/common';
import { BooksModule } from '../books/books.module.js';
import { ExercisesModule } from '../exercises/exercises.module.js';
import { GuidesModule } from '../guides/guides.module.js';
import { BooksTakenOverService } from './books-taken-over.service.js';
import { CopiesService } from './copies.service.js';
import { OriginsController } from './origins.controller.js';
import { OtherVersionsService } from './other-versions.service.js';

@Module({
  imports: [BooksModule, ExercisesModule, GuidesModule],
  controllers: [OriginsController],
  providers: [CopiesService, OtherVersionsService, BooksTakenOverService],
})
export class OriginsModule {}
