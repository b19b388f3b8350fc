import { Module, type DynamicModule } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { ThrottlerModule } from '@nestjs/throttler';
import type { Logger } from 'pino';
import { AuditService } from './audit/audit.service.js';
import { BookAccess } from './books/book-access.js';
import { BookChangesService } from './books/book-changes.service.js';
import { BookEvents } from './books/book-events.js';
import { BookHistoryService } from './books/book-history.service.js';
import { BookTexts } from './books/book-texts.js';
import { BookWriting } from './books/book-writing.js';
import { Turns } from './books/turns.js';
import { BooksController } from './books/books.controller.js';
import { BooksService } from './books/books.service.js';
import { KeptBooks } from './books/kept-books.js';
import { CompaniesController } from './companies/companies.controller.js';
import { CompaniesService } from './companies/companies.service.js';
import type { OpenDatabase } from './database/open-database.js';
import { DemoClass } from './demo/demo-class.js';
import { DemoPractice } from './demo/demo-practice.js';
import { DemoSite } from './demo/demo-site.js';
import { DemoWorld } from './demo/demo-world.js';
import { DrillsController } from './drills/drills.controller.js';
import { DrillsService } from './drills/drills.service.js';
import { MixUpsController } from './drills/mix-ups.controller.js';
import { MixUpsService } from './drills/mix-ups.service.js';
import { ExerciseFilesController } from './exercise-files/exercise-files.controller.js';
import { SkippingAheadController } from './guides/skipping-ahead.controller.js';
import { PractisedController } from './practices/practised.controller.js';
import { ExercisesController } from './exercises/exercises.controller.js';
import { ExerciseChangesService } from './exercises/exercise-changes.service.js';
import { ExerciseFilesService } from './exercise-files/exercise-files.service.js';
import { ExercisesService } from './exercises/exercises.service.js';
import { SeriesService } from './exercises/series.service.js';
import { SkippingAheadService } from './guides/skipping-ahead.service.js';
import { GuidesController } from './guides/guides.controller.js';
import { GuidesService } from './guides/guides.service.js';
import { PicturesController } from './guides/pictures.controller.js';
import { PicturesService } from './guides/pictures.service.js';
import { PracticesController } from './practices/practices.controller.js';
import { PracticesService } from './practices/practices.service.js';
import { CopiedFiguresService } from './results/copied-figures.service.js';
import { OpeningAgainService } from './results/opening-again.service.js';
import { PastChecksService } from './results/past-checks.service.js';
import { StartsService } from './results/starts.service.js';
import { HandOutsService } from './exercises/hand-outs.service.js';
import { GroupsController } from './groups/groups.controller.js';
import { GroupsService } from './groups/groups.service.js';
import { LimitsGuard } from './http/limits.guard.js';
import type { Settings } from './http/settings.js';
import { RoomGuard } from './http/room.guard.js';
import { TurnsGuard } from './http/turns.guard.js';
import { DATABASE, ENGINE, LISTEN, LOG, ROOM, SETTINGS } from './http/tokens.js';
import { Cookies } from './people/cookies.js';
import { FailedSignIns } from './people/failed-sign-ins.js';
import { KnownBrowsers } from './people/known-browsers.js';
import { HealthController } from './house/health.controller.js';
import { HouseController } from './house/house.controller.js';
import { HouseService } from './house/house.service.js';
import { OwnDataController } from './house/own-data.controller.js';
import { OwnDataService } from './house/own-data.service.js';
import { Measures } from './house/measures.js';
import { Nightly } from './house/nightly.js';
import { LeavingTermService } from './leaving/leaving-term.js';
import { LeavingsDue } from './leaving/leavings-due.js';
import { LeavingsController } from './leaving/leavings.controller.js';
import { LeavingsService } from './leaving/leavings.service.js';
import { WhoMayDelete } from './leaving/who-may.js';
import { InstructorsController } from './people/instructors.controller.js';
import { InstructorsService } from './people/instructors.service.js';
import { OwnSignInController } from './people/own-sign-in.controller.js';
import { SecondFactor } from './people/second-factor.js';
import { PeopleController } from './people/people.controller.js';
import { PeopleService } from './people/people.service.js';
import { SessionGuard } from './people/session.guard.js';
import { SessionsService } from './people/sessions.service.js';
import { TrialRunsController } from './trial-runs/trial-runs.controller.js';
import { TrialRunsService } from './trial-runs/trial-runs.service.js';
import { CheckRunner } from './results/check-runner.js';
import { ChecksService } from './results/checks.service.js';
import { ClassResultsService } from './results/class-results.service.js';
import { KeyVersionsService } from './keys/key-versions.service.js';
import { AcceptancesService } from './results/acceptances.service.js';
import { UploadedWorksService } from './results/uploaded-works.service.js';
import { NoteStockController } from './results/note-stock.controller.js';
import { NoteStockService } from './results/note-stock.service.js';
import { MarkingService } from './results/marking.service.js';
import { PreviewsService } from './results/previews.service.js';
import { ResultsController } from './results/results.controller.js';
import { ShownResults } from './results/shown-results.js';
import { Threads } from './threads/threads.js';
import { TriesController } from './tries/tries.controller.js';
import { CorrectionsService } from './tries/corrections.service.js';
import { TriesService } from './tries/tries.service.js';

/** Of one person, in all their tabs together. */
const REQUESTS_A_MINUTE = 1200;

const CONTROLLERS = [
  HealthController,
  HouseController,
  OwnDataController,
  LeavingsController,
  PeopleController,
  OwnSignInController,
  InstructorsController,
  CompaniesController,
  BooksController,
  GroupsController,
  ExerciseFilesController,
  SkippingAheadController,
  PractisedController,
  ExercisesController,
  TriesController,
  TrialRunsController,
  ResultsController,
  NoteStockController,
  GuidesController,
  PicturesController,
  PracticesController,
  DrillsController,
  MixUpsController,
];

const SERVICES = [
  Measures,
  Nightly,
  HouseService,
  OwnDataService,
  LeavingTermService,
  WhoMayDelete,
  LeavingsService,
  LeavingsDue,
  AuditService,
  SessionsService,
  SecondFactor,
  Cookies,
  KnownBrowsers,
  FailedSignIns,
  PeopleService,
  InstructorsService,
  Threads,
  BookAccess,
  KeptBooks,
  BooksService,
  BookTexts,
  BookWriting,
  Turns,
  BookChangesService,
  BookHistoryService,
  BookEvents,
  CompaniesService,
  GroupsService,
  HandOutsService,
  ExercisesService,
  ExerciseChangesService,
  ExerciseFilesService,
  KeyVersionsService,
  ChecksService,
  CheckRunner,
  ShownResults,
  TriesService,
  CorrectionsService,
  TrialRunsService,
  AcceptancesService,
  UploadedWorksService,
  MarkingService,
  NoteStockService,
  PreviewsService,
  ClassResultsService,
  StartsService,
  GuidesService,
  PicturesService,
  SkippingAheadService,
  PracticesService,
  SeriesService,
  CopiedFiguresService,
  OpeningAgainService,
  PastChecksService,
  DrillsService,
  MixUpsService,
  DemoClass,
  DemoPractice,
  DemoSite,
  DemoWorld,
];

@Module({})
export class AppModule {
  static over(
    { db, engine, listen, room }: OpenDatabase,
    settings: Settings,
    log: Logger,
  ): DynamicModule {
    return {
      module: AppModule,
      imports: [ThrottlerModule.forRoot([{ ttl: 60_000, limit: REQUESTS_A_MINUTE }])],
      controllers: CONTROLLERS,
      providers: [
        { provide: DATABASE, useValue: db },
        { provide: LISTEN, useValue: listen },
        { provide: ENGINE, useValue: engine },
        { provide: ROOM, useValue: room },
        { provide: SETTINGS, useValue: settings },
        { provide: LOG, useValue: log },
        // Who asks is known before how often they have asked is counted.
        { provide: APP_GUARD, useClass: SessionGuard },
        { provide: APP_GUARD, useClass: LimitsGuard },
        { provide: APP_GUARD, useClass: RoomGuard },
        { provide: APP_GUARD, useClass: TurnsGuard },
        ...SERVICES,
      ],
    };
  }
}
