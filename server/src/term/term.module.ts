import { Module } from '@nestjs/common';
import { GroupsModule } from '../groups/groups.module.js';
import { TimesModule } from '../times/times.module.js';
import { OwnTermController, TermController } from './term.controller.js';
import { TermService } from './term.service.js';

@Module({
  imports: [GroupsModule, TimesModule],
  controllers: [TermController, OwnTermController],
  providers: [TermService],
  exports: [],
})
export class TermModule {}
