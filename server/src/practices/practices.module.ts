import { Module } from '@nestjs/common';
import { BooksModule } from '../books/books.module.js';
import { ExercisesModule } from '../exercises/exercises.module.js';
import { ResultsModule } from '../results/results.module.js';
import { TriesModule } from '../tries/tries.module.js';
import { PractisedController } from './practised.controller.js';
import { PracticesController } from './practices.controller.js';
import { PracticesService } from './practices.service.js';

@Module({
  imports: [BooksModule, ExercisesModule, ResultsModule, TriesModule],
  controllers: [PractisedController, PracticesController],
  providers: [PracticesService],
})
export class PracticesModule {}
