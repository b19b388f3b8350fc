import { Module } from '@nestjs/common';
import { BooksModule } from '../books/books.module.js';
import { ThreadsModule } from '../threads/threads.module.js';
import { CompaniesController } from './companies.controller.js';
import { CompaniesService } from './companies.service.js';

@Module({
  imports: [BooksModule, ThreadsModule],
  controllers: [CompaniesController],
  providers: [CompaniesService],
  exports: [CompaniesService],
})
export class CompaniesModule {}
