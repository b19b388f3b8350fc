import { Module, type DynamicModule, type Type } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { ThrottlerModule } from '@nestjs/throttler';
import { BooksModule } from './books/books.module.js';
import { CompaniesModule } from './companies/companies.module.js';
import { DrillsModule } from './drills/drills.module.js';
import { ExerciseFilesModule } from './exercise-files/exercise-files.module.js';
import { ExercisesModule } from './exercises/exercises.module.js';
import { AtWorkModule } from './at-work/at-work.module.js';
import { WordsModule } from './words/words.module.js';
import { GroupsModule } from './groups/groups.module.js';
import { GuidesModule } from './guides/guides.module.js';
import { HouseModule } from './house/house.module.js';
import { GivenModule, type Given } from './http/given.module.js';
import { LimitsGuard } from './http/limits.guard.js';
import { RoomGuard } from './http/room.guard.js';
import { TurnsGuard } from './http/turns.guard.js';
import { LeavingModule } from './leaving/leaving.module.js';
import { PeopleModule } from './people/people.module.js';
import { SessionGuard } from './people/session.guard.js';
import { OriginsModule } from './origins/origins.module.js';
import { PlatformsModule } from './platforms/platforms.module.js';
import { PracticesModule } from './practices/practices.module.js';
import { ResultsModule } from './results/results.module.js';
import { TrialRunsModule } from './trial-runs/trial-runs.module.js';
import { PresenceModule } from './presence/presence.module.js';
import { SharingModule } from './sharing/sharing.module.js';
import { SampleModule } from './sample/sample.module.js';
import { ShelfModule } from './shelf/shelf.module.js';
import { CalendarModule } from './calendar/calendar.module.js';
import { LettersModule } from './letters/letters.module.js';
import { TermModule } from './term/term.module.js';
import { TodayModule } from './today/today.module.js';
import { TriesModule } from './tries/tries.module.js';

/** Of one person, in all their tabs together. */
const REQUESTS_A_MINUTE = 1200;

const SUBJECTS = [
  ...[PeopleModule, GroupsModule, BooksModule, CompaniesModule, ExercisesModule],
  ...[ExerciseFilesModule, GuidesModule, TodayModule, TriesModule, ResultsModule, TrialRunsModule],
  ...[PracticesModule, DrillsModule, HouseModule, LeavingModule, WordsModule, AtWorkModule],
  ...[CalendarModule, LettersModule, ShelfModule, SharingModule, TermModule, PlatformsModule],
  ...[PresenceModule, SampleModule],
  ...[OriginsModule],
];

/** The house: each subject with what it gives the others named in its own module. */
@Module({
  providers: [
    // Who asks is known before how often they have asked is counted.
    { provide: APP_GUARD, useClass: SessionGuard },
    { provide: APP_GUARD, useClass: LimitsGuard },
    { provide: APP_GUARD, useClass: RoomGuard },
    { provide: APP_GUARD, useClass: TurnsGuard },
  ],
})
export class AppModule {
  /** `more`: subjects that are not there for every house (the demo). */
  static over(given: Given, more: readonly Type[]): DynamicModule {
    return {
      module: AppModule,
      imports: [
        ThrottlerModule.forRoot([{ ttl: 60_000, limit: REQUESTS_A_MINUTE }]),
        GivenModule.over(given),
        ...SUBJECTS,
        ...more,
      ],
    };
  }
}
