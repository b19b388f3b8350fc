import { Module } from '@nestjs/common';
import { AuditModule } from '../audit/audit.module.js';
import { ExercisesModule } from '../exercises/exercises.module.js';
import { GroupsModule } from '../groups/groups.module.js';
import { PeopleModule } from '../people/people.module.js';
import { TimesModule } from '../times/times.module.js';
import { ArrivingController } from './arriving.controller.js';
import { ArrivingService } from './arriving.service.js';
import { LaunchesService } from './launches.service.js';
import { OwnKeys } from './own-keys.js';
import { PlatformCalls } from './platform-calls.js';
import { PlatformLinksService } from './platform-links.service.js';
import { PlatformsController } from './platforms.controller.js';
import { PlatformsService } from './platforms.service.js';
import { ScoresService } from './scores.service.js';

@Module({
  imports: [AuditModule, ExercisesModule, GroupsModule, PeopleModule, TimesModule],
  controllers: [ArrivingController, PlatformsController],
  providers: [
    PlatformsService,
    OwnKeys,
    ArrivingService,
    LaunchesService,
    PlatformCalls,
    PlatformLinksService,
    ScoresService,
  ],
  exports: [ScoresService, PlatformsService],
})
export class PlatformsModule {}
