import { Module } from '@nestjs/common';
import { AuditModule } from '../audit/audit.module.js';
import { BooksModule } from '../books/books.module.js';
import { ExercisesModule } from '../exercises/exercises.module.js';
import { KeysModule } from '../keys/keys.module.js';
import { ResultsModule } from '../results/results.module.js';
import { ThreadsModule } from '../threads/threads.module.js';
import { SkippingAheadController } from './skipping-ahead.controller.js';
import { GuidesController } from './guides.controller.js';
import { PicturesController } from './pictures.controller.js';
import { GuidesService } from './guides.service.js';
import { PicturesService } from './pictures.service.js';
import { HintsService } from './hints.service.js';
import { SkippingAheadService } from './skipping-ahead.service.js';

@Module({
  imports: [AuditModule, BooksModule, ExercisesModule, KeysModule, ResultsModule, ThreadsModule],
  controllers: [SkippingAheadController, GuidesController, PicturesController],
  providers: [GuidesService, HintsService, PicturesService, SkippingAheadService],
  exports: [HintsService, PicturesService],
})
export class GuidesModule {}
