import { Module } from '@nestjs/common';
import { GroupsModule } from '../groups/groups.module.js';
import { OwnTermController, TermController } from './term.controller.js';
import { TermService } from './term.service.js';

@Module({
  imports: [GroupsModule],
  controllers: [TermController, OwnTermController],
  providers: [TermService],
  exports: [],
})
export class TermModule {}
