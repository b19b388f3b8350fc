import { Module } from '@nestjs/common';
import { BooksModule } from '../books/books.module.js';
import { ExercisesModule } from '../exercises/exercises.module.js';
import { ThreadsModule } from '../threads/threads.module.js';
import { KeyVersionsService } from './key-versions.service.js';

@Module({
  imports: [BooksModule, ExercisesModule, ThreadsModule],
  providers: [KeyVersionsService],
  exports: [KeyVersionsService],
})
export class KeysModule {}
