import { Module } from '@nestjs/common';
import { AuditModule } from '../audit/audit.module.js';
import { BooksModule } from '../books/books.module.js';
import { ExercisesModule } from '../exercises/exercises.module.js';
import { KeysModule } from '../keys/keys.module.js';
import { TimesModule } from '../times/times.module.js';
import { ThreadsModule } from '../threads/threads.module.js';
import { ResultsController } from './results.controller.js';
import { NoteStockController } from './note-stock.controller.js';
import { ChecksService } from './checks.service.js';
import { CheckRunner } from './check-runner.js';
import { ShownResults } from './shown-results.js';
import { AcceptancesService } from './acceptances.service.js';
import { UploadedWorksService } from './uploaded-works.service.js';
import { MarkingService } from './marking.service.js';
import { NoteStockService } from './note-stock.service.js';
import { PreviewsService } from './previews.service.js';
import { ClassResultsService } from './class-results.service.js';
import { StartsService } from './starts.service.js';
import { CopiedFiguresService } from './copied-figures.service.js';
import { WorksAlikeService } from './works-alike.service.js';
import { OpenWorks } from './open-works.service.js';
import { OpeningAgainService } from './opening-again.service.js';
import { NoteRefs } from './note-refs.js';
import { NotesWrittenService } from './notes-written.service.js';
import { PastChecksService } from './past-checks.service.js';

@Module({
  imports: [AuditModule, BooksModule, ExercisesModule, KeysModule, ThreadsModule, TimesModule],
  controllers: [ResultsController, NoteStockController],
  providers: [
    ChecksService,
    CheckRunner,
    ShownResults,
    AcceptancesService,
    UploadedWorksService,
    MarkingService,
    NoteStockService,
    PreviewsService,
    ClassResultsService,
    StartsService,
    CopiedFiguresService,
    OpenWorks,
    WorksAlikeService,
    NotesWrittenService,
    OpeningAgainService,
    PastChecksService,
    NoteRefs,
  ],
  exports: [
    ChecksService,
    CheckRunner,
    CopiedFiguresService,
    NoteRefs,
    ShownResults,
    UploadedWorksService,
    StartsService,
  ],
})
export class ResultsModule {}
