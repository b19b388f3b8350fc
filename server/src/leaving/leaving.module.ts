import { Module } from '@nestjs/common';
import { AuditModule } from '../audit/audit.module.js';
import { BooksModule } from '../books/books.module.js';
import { GroupsModule } from '../groups/groups.module.js';
import { PeopleModule } from '../people/people.module.js';
import { LeavingsController } from './leavings.controller.js';
import { LeavingTermService } from './leaving-term.js';
import { WhoMayDelete } from './who-may.js';
import { LeavingsService } from './leavings.service.js';
import { LeavingsDue } from './leavings-due.js';

@Module({
  imports: [AuditModule, BooksModule, GroupsModule, PeopleModule],
  controllers: [LeavingsController],
  providers: [LeavingTermService, WhoMayDelete, LeavingsService, LeavingsDue],
})
export class LeavingModule {}
