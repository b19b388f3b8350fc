import { Module } from '@nestjs/common';
import { BooksModule } from '../books/books.module.js';
import { ExercisesModule } from '../exercises/exercises.module.js';
import { KeysModule } from '../keys/keys.module.js';
import { ThreadsModule } from '../threads/threads.module.js';
import { WordsModule } from '../words/words.module.js';
import { AtWorkController } from './at-work.controller.js';
import { AtWorkService } from './at-work.service.js';
import { HowFarService } from './how-far.service.js';

@Module({
  imports: [BooksModule, ExercisesModule, KeysModule, ThreadsModule, WordsModule],
  controllers: [AtWorkController],
  providers: [AtWorkService, HowFarService],
})
export class AtWorkModule {}
