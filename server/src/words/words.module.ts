import { Module } from '@nestjs/common';
import { PeopleModule } from '../people/people.module.js';
import { MyWordsController } from './my-words.controller.js';
import { WordsService } from './words.service.js';

@Module({
  imports: [PeopleModule],
  controllers: [MyWordsController],
  providers: [WordsService],
  exports: [WordsService],
})
export class WordsModule {}
