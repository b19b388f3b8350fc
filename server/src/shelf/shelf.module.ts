import { Module } from '@nestjs/common';
import { ExerciseFilesModule } from '../exercise-files/exercise-files.module.js';
import { ShelfController } from './shelf.controller.js';
import { ShelfService } from './shelf.service.js';

@Module({
  imports: [ExerciseFilesModule],
  controllers: [ShelfController],
  providers: [ShelfService],
})
export class ShelfModule {}
