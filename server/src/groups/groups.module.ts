import { Module } from '@nestjs/common';
import { AuditModule } from '../audit/audit.module.js';
import { PeopleModule } from '../people/people.module.js';
import { ClassListService } from './class-list.service.js';
import { GroupsController } from './groups.controller.js';
import { GroupsService } from './groups.service.js';
import { MergingService } from './merging.service.js';
import { PartsController } from './parts.controller.js';
import { PartsService } from './parts.service.js';
import { StudentsService } from './students.service.js';
import { WhoseStudents } from './whose-students.js';

@Module({
  imports: [AuditModule, PeopleModule],
  controllers: [GroupsController, PartsController],
  providers: [
    GroupsService,
    PartsService,
    ClassListService,
    StudentsService,
    MergingService,
    WhoseStudents,
  ],
  exports: [GroupsService, WhoseStudents],
})
export class GroupsModule {}
