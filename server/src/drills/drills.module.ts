import { Module } from '@nestjs/common';
import { DrillsController } from './drills.controller.js';
import { MixUpsController } from './mix-ups.controller.js';
import { DrillsService } from './drills.service.js';
import { MixUpsService } from './mix-ups.service.js';

@Module({
  controllers: [DrillsController, MixUpsController],
  providers: [DrillsService, MixUpsService],
})
export class DrillsModule {}
