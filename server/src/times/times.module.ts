import { Module } from '@nestjs/common';
import { AuditModule } from '../audit/audit.module.js';
import { LateAgainService } from './late-again.service.js';
import { SetTimesService } from './set-times.service.js';
import { TimesService } from './times.service.js';

@Module({
  imports: [AuditModule],
  providers: [TimesService, SetTimesService, LateAgainService],
  exports: [TimesService, SetTimesService],
})
export class TimesModule {}
