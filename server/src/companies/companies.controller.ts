import { Body, Controller, Get, Post } from '@nestjs/common';
import { NewCompanyRequest, type CompanySummary, type Me } from '@gleddo/contract';
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
}
