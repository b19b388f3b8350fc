import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import {
  ChangeCompanyRequest,
  type HangsOnCompany,
  NewCompanyRequest,
  type CompanySummary,
  type Me,
} from '@gleddo/contract';
import { ApiBody } from '@nestjs/swagger';
import { Only, SignedIn } from '../http/signed-in.js';
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

  @Post(':id/copy')
  copy(@Param('id') id: string, @SignedIn() me: Me): Promise<CompanySummary> {
    return this.companies.copy(me, id);
  }

  /** What goes with a company when it is deleted. */
  @Get(':id/hanging')
  hanging(@Param('id') id: string, @SignedIn() me: Me): Promise<HangsOnCompany> {
    return this.companies.hanging(me, id);
  }

  /** Only what was put away is deleted, for good. */
  @Delete(':id')
  @HttpCode(204)
  delete(@Param('id') id: string, @SignedIn() me: Me): Promise<void> {
    return this.companies.delete(me, id);
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
