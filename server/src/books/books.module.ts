import { Module } from '@nestjs/common';
import { AuditModule } from '../audit/audit.module.js';
import { PeopleModule } from '../people/people.module.js';
import { ThreadsModule } from '../threads/threads.module.js';
import { BooksController } from './books.controller.js';
import { BookAccess } from './book-access.js';
import { KeptBooks } from './kept-books.js';
import { BooksService } from './books.service.js';
import { BookTexts } from './book-texts.js';
import { BookWriting } from './book-writing.js';
import { Turns } from './turns.js';
import { BookChangesService } from './book-changes.service.js';
import { BookHistoryService } from './book-history.service.js';
import { BookEvents } from './book-events.js';

@Module({
  imports: [AuditModule, PeopleModule, ThreadsModule],
  controllers: [BooksController],
  providers: [
    BookAccess,
    KeptBooks,
    BooksService,
    BookTexts,
    BookWriting,
    Turns,
    BookChangesService,
    BookHistoryService,
    BookEvents,
  ],
  exports: [
    ...[BookAccess, BookChangesService, KeptBooks, BooksService, BookTexts, BookWriting, Turns],
    BookHistoryService,
  ],
})
export class BooksModule {}
