import { Module } from '@nestjs/common';
import { SampleModule } from '../sample/sample.module.js';
import { TimesModule } from '../times/times.module.js';
import { TodayController } from './today.controller.js';
import { TodayService } from './today.service.js';

@Module({
  imports: [SampleModule, TimesModule],
  controllers: [TodayController],
  providers: [TodayService],
})
export class TodayModule {}
