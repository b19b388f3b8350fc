import { Body, Controller, Get, Param, Patch, Post } from '@nestjs/common';
import {
  ChangeCompanyRequest,
  NewCompanyRequest,
  type CompanySummary,
  type Me,
} from '@gleddo/contract';
import { ApiBody } from '@nestjs/swagger';
import { Only, SignedIn } from '../people/signed-in.js';
import { CompaniesService } from './companies.service.js';

@Only('instructor')
@Controller('api/companies')
export class CompaniesController {
  constructor(private readonly companies: CompaniesService) {}

  @Get()
  list(@SignedIn() me: Me): Promise<CompanySummary[]> {
    return this.companies.list(me);
  }

  /** The body comes as it was sent: a book may be large, and is then read elsewhere. */
  @Post()
  @ApiBody({ type: NewCompanyRequest })
  create(@Body() body: Buffer | undefined, @SignedIn() me: Me): Promise<CompanySummary> {
    return this.companies.create(me, body);
  }

  @Patch(':id')
  change(
    @Param('id') id: string,
    @Body() body: ChangeCompanyRequest,
    @SignedIn() me: Me,
  ): Promise<CompanySummary> {
    return this.companies.putAway(me, id, body.putAway);
  }
}
