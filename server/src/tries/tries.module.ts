import { Module } from '@nestjs/common';
import { BooksModule } from '../books/books.module.js';
import { KeysModule } from '../keys/keys.module.js';
import { ResultsModule } from '../results/results.module.js';
import { TimesModule } from '../times/times.module.js';
import { WordsModule } from '../words/words.module.js';
import { AnotherTryService } from './another-try.service.js';
import { ClosingService } from './closing.service.js';
import { TriesController } from './tries.controller.js';
import { TriesService } from './tries.service.js';
import { CorrectionsService } from './corrections.service.js';

@Module({
  imports: [BooksModule, KeysModule, ResultsModule, TimesModule, WordsModule],
  controllers: [TriesController],
  providers: [TriesService, AnotherTryService, CorrectionsService, ClosingService],
  exports: [TriesService],
})
export class TriesModule {}
