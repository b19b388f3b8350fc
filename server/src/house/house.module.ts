import { Module } from '@nestjs/common';
import { AuditModule } from '../audit/audit.module.js';
import { BooksModule } from '../books/books.module.js';
import { ExerciseFilesModule } from '../exercise-files/exercise-files.module.js';
import { LettersModule } from '../letters/letters.module.js';
import { ThreadsModule } from '../threads/threads.module.js';
import { HealthController } from './health.controller.js';
import { HouseController } from './house.controller.js';
import { OwnDataController } from './own-data.controller.js';
import { Measures } from './measures.js';
import { Nightly } from './nightly.js';
import { HouseService } from './house.service.js';
import { OwnDataService } from './own-data.service.js';

@Module({
  imports: [AuditModule, BooksModule, ExerciseFilesModule, LettersModule, ThreadsModule],
  controllers: [HealthController, HouseController, OwnDataController],
  providers: [Measures, Nightly, HouseService, OwnDataService],
  exports: [Nightly],
})
export class HouseModule {}
