import { Module } from '@nestjs/common';
import { BooksModule } from '../books/books.module.js';
import { ExercisesModule } from '../exercises/exercises.module.js';
import { GuidesModule } from '../guides/guides.module.js';
import { CompaniesModule } from '../companies/companies.module.js';
import { BookFollowsService } from './book-follows.service.js';
import { BooksTakenOverService } from './books-taken-over.service.js';
import { ChangedBooksService } from './changed-books.service.js';
import { CompanyOriginsController } from './company-origins.controller.js';
import { CompanyOriginsService } from './company-origins.service.js';
import { CopiesService } from './copies.service.js';
import { OriginsController } from './origins.controller.js';
import { OtherVersionsService } from './other-versions.service.js';

@Module({
  imports: [BooksModule, CompaniesModule, ExercisesModule, GuidesModule],
  controllers: [OriginsController, CompanyOriginsController],
  providers: [
    CopiesService,
    OtherVersionsService,
    BooksTakenOverService,
    CompanyOriginsService,
    ChangedBooksService,
    BookFollowsService,
  ],
})
export class OriginsModule {}
