import { Module } from '@nestjs/common';
import { AuditModule } from '../audit/audit.module.js';
import { BooksModule } from '../books/books.module.js';
import { SharingController } from './sharing.controller.js';
import { SharingService } from './sharing.service.js';

@Module({
  imports: [AuditModule, BooksModule],
  controllers: [SharingController],
  providers: [SharingService],
  exports: [SharingService],
})
export class SharingModule {}
