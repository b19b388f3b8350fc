import { Module } from '@nestjs/common';
import { AuditModule } from '../audit/audit.module.js';
import { ExercisesModule } from '../exercises/exercises.module.js';
import { TimesModule } from '../times/times.module.js';
import { CalendarController } from './calendar.controller.js';
import { CalendarService } from './calendar.service.js';
import { TakingOverService } from './taking-over.service.js';

@Module({
  imports: [AuditModule, ExercisesModule, TimesModule],
  controllers: [CalendarController],
  providers: [CalendarService, TakingOverService],
})
export class CalendarModule {}
