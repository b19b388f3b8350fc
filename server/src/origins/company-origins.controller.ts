import { Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import type { BooksTakenOver, CompanyOrigin, Me } from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { CompanyOriginsService } from './company-origins.service.js';

/** A company beside what it is a copy of. */
@Only('instructor')
@Controller('api/companies/:id/origin')
export class CompanyOriginsController {
  constructor(private readonly origins: CompanyOriginsService) {}

  @Get()
  origin(@Param('id') id: string, @SignedIn() me: Me): Promise<CompanyOrigin> {
    return this.origins.origin(me, id);
  }

  /** What was changed of the origin's book, done here, too, where it still fits. */
  @Post('book')
  @HttpCode(200)
  takeBook(@Param('id') id: string, @SignedIn() me: Me): Promise<BooksTakenOver> {
    return this.origins.takeOver(me, id);
  }
}
