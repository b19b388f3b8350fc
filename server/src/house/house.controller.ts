import { Controller, Get, Query } from '@nestjs/common';
import type { HappenedPage, HouseShown } from '@gleddo/contract';
import { AuditService } from '../audit/audit.service.js';
import { Only, OnlyHead } from '../http/signed-in.js';
import { HouseService } from './house.service.js';

const LONGEST_SEARCH = 80;

const textOf = (value: unknown): string =>
  typeof value === 'string' ? value.replaceAll('\u0000', '').slice(0, LONGEST_SEARCH) : '';

/** For the head of the house. */
@Only('instructor')
@OnlyHead()
@Controller('api/house')
export class HouseController {
  constructor(
    private readonly house: HouseService,
    private readonly audit: AuditService,
  ) {}

  @Get()
  shown(): Promise<HouseShown> {
    return this.house.shown();
  }

  /** What was done by whom, all of it, the latest first: by words of it, and what came before an entry. */
  @Get('happened')
  happened(@Query('q') words: unknown, @Query('before') before: unknown): Promise<HappenedPage> {
    const at = Number(textOf(before));
    return this.audit.page(textOf(words), Number.isInteger(at) && at > 0 ? at : null);
  }
}
