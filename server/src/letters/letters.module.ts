import { Module } from '@nestjs/common';
import { AuditModule } from '../audit/audit.module.js';
import { PeopleModule } from '../people/people.module.js';
import { TimesModule } from '../times/times.module.js';
import { LetterBox } from './letter-box.js';
import { InstructorNewsService } from './instructor-news.js';
import { LetterNewsService } from './letter-news.js';
import { LettersController } from './letters.controller.js';
import { LettersService } from './letters.service.js';
import { LinkLettersService } from './link-letters.service.js';
import { OwnLettersService } from './own-letters.service.js';

@Module({
  imports: [AuditModule, PeopleModule, TimesModule],
  controllers: [LettersController],
  providers: [
    ...[LetterBox, LetterNewsService, InstructorNewsService],
    ...[LettersService, LinkLettersService, OwnLettersService],
  ],
  exports: [LettersService, OwnLettersService],
})
export class LettersModule {}
