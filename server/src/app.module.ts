import { Module, type DynamicModule } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { ThrottlerGuard, ThrottlerModule } from '@nestjs/throttler';
import { BookAccess } from './books/book-access.js';
import { BooksController } from './books/books.controller.js';
import { BooksService } from './books/books.service.js';
import { CompaniesController } from './companies/companies.controller.js';
import { CompaniesService } from './companies/companies.service.js';
import type { Database } from './database/open-database.js';
import { DemoWorld } from './demo/demo-world.js';
import { ExercisesController } from './exercises/exercises.controller.js';
import { ExercisesService } from './exercises/exercises.service.js';
import { GroupsController } from './groups/groups.controller.js';
import { GroupsService } from './groups/groups.service.js';
import type { Settings } from './http/settings.js';
import { DATABASE, SETTINGS } from './http/tokens.js';
import { PeopleController } from './people/people.controller.js';
import { PeopleService } from './people/people.service.js';
import { SessionGuard } from './people/session.guard.js';
import { RehearsalsController } from './rehearsals/rehearsals.controller.js';
import { RehearsalsService } from './rehearsals/rehearsals.service.js';
import { CheckingService } from './results/checking.service.js';
import { ClassResultsService } from './results/class-results.service.js';
import { MarkingService } from './results/marking.service.js';
import { ResultsController } from './results/results.controller.js';
import { ShownResults } from './results/shown-results.js';
import { TriesController } from './tries/tries.controller.js';
import { TriesService } from './tries/tries.service.js';

const REQUESTS_A_MINUTE = 1200;

@Module({})
export class AppModule {
  static over(db: Database, settings: Settings): DynamicModule {
    return {
      module: AppModule,
      imports: [ThrottlerModule.forRoot([{ ttl: 60_000, limit: REQUESTS_A_MINUTE }])],
      controllers: [
        PeopleController,
        CompaniesController,
        BooksController,
        GroupsController,
        ExercisesController,
        TriesController,
        RehearsalsController,
        ResultsController,
      ],
      providers: [
        { provide: DATABASE, useValue: db },
        { provide: SETTINGS, useValue: settings },
        { provide: APP_GUARD, useClass: ThrottlerGuard },
        { provide: APP_GUARD, useClass: SessionGuard },
        PeopleService,
        BookAccess,
        BooksService,
        CompaniesService,
        GroupsService,
        ExercisesService,
        CheckingService,
        ShownResults,
        TriesService,
        RehearsalsService,
        MarkingService,
        ClassResultsService,
        DemoWorld,
      ],
    };
  }
}
