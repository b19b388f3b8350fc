import { Module } from '@nestjs/common';
import { BooksModule } from '../books/books.module.js';
import { CompaniesModule } from '../companies/companies.module.js';
import { ExerciseFilesModule } from '../exercise-files/exercise-files.module.js';
import { ExercisesModule } from '../exercises/exercises.module.js';
import { GuidesModule } from '../guides/guides.module.js';
import { GroupsModule } from '../groups/groups.module.js';
import { PeopleModule } from '../people/people.module.js';
import { PlatformsModule } from '../platforms/platforms.module.js';
import { SharingModule } from '../sharing/sharing.module.js';
import { ResultsModule } from '../results/results.module.js';
import { TimesModule } from '../times/times.module.js';
import { DemoClass } from './demo-class.js';
import { DemoPractice } from './demo-practice.js';
import { DemoSite } from './demo-site.js';
import { DemoWorld } from './demo-world.js';

@Module({
  imports: [
    BooksModule,
    CompaniesModule,
    ExerciseFilesModule,
    ExercisesModule,
    GroupsModule,
    GuidesModule,
    PeopleModule,
    PlatformsModule,
    ResultsModule,
    SharingModule,
    TimesModule,
  ],
  providers: [DemoClass, DemoPractice, DemoSite, DemoWorld],
})
export class DemoModule {}
