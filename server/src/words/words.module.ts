import { Module } from '@nestjs/common';
import { ResultsModule } from '../results/results.module.js';
import { MyWordsController } from './my-words.controller.js';
import { SameNotes } from './same-notes.js';
import { WordsService } from './words.service.js';

@Module({
  imports: [ResultsModule],
  controllers: [MyWordsController],
  providers: [SameNotes, WordsService],
  exports: [WordsService],
})
export class WordsModule {}
