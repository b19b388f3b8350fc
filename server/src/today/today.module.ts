import { Module } from '@nestjs/common';
import { TimesModule } from '../times/times.module.js';
import { TodayController } from './today.controller.js';
import { TodayService } from './today.service.js';

@Module({
  imports: [TimesModule],
  controllers: [TodayController],
  providers: [TodayService],
})
export class TodayModule {}
