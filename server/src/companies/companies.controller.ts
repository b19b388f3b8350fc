import { Body, Controller, Get, Param, Patch, Post } from '@nestjs/common';
import {
  ChangeCompanyRequest,
  NewCompanyRequest,
  type CompanySummary,
  type Me,
} from '@gleddo/contract';
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

  @Post()
  create(@Body() body: NewCompanyRequest, @SignedIn() me: Me): Promise<CompanySummary> {
    return this.companies.create(me, body.book);
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
