import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import {
  LEAVING_KINDS,
  LeaveRequest,
  LeavingTermRequest,
  type Leaving,
  type LeavingTerm,
  type Me,
  type WouldLeave,
} from '@gleddo/contract';
import { notFound } from '../http/problem.js';
import { OnlyHead, SignedIn } from '../http/signed-in.js';
import { LeavingTermService } from './leaving-term.js';
import { LeavingsDue } from './leavings-due.js';
import { LeavingsService } from './leavings.service.js';
import type { Thing } from './who-may.js';

function thingOf(named: string, id: string): Thing {
  const kind = LEAVING_KINDS.find((each) => each === named);
  if (!kind) throw notFound('What is to be deleted');
  return { kind, id };
}

/** What is to be deleted, and taking it back in time. */
@Controller('api/leavings')
export class LeavingsController {
  constructor(
    private readonly leavings: LeavingsService,
    private readonly due: LeavingsDue,
    private readonly term: LeavingTermService,
  ) {}

  @Get()
  list(@SignedIn() me: Me): Promise<Leaving[]> {
    return this.leavings.list(me);
  }

  @OnlyHead()
  @Get('term')
  termNow(): Promise<LeavingTerm> {
    return this.term.now();
  }

  @OnlyHead()
  @Put('term')
  setTerm(@Body() body: LeavingTermRequest): Promise<LeavingTerm> {
    return this.term.set(body);
  }

  /** What would go with it: before it is asked. */
  @Get(':kind/:id')
  would(
    @Param('kind') kind: string,
    @Param('id') id: string,
    @SignedIn() me: Me,
  ): Promise<WouldLeave> {
    return this.leavings.would(me, thingOf(kind, id));
  }

  @Post(':kind/:id')
  @HttpCode(204)
  async ask(
    @Param('kind') kind: string,
    @Param('id') id: string,
    @Body() { heir }: LeaveRequest,
    @SignedIn() me: Me,
  ): Promise<void> {
    await this.leavings.ask(me, thingOf(kind, id), heir);
    await this.due.look();
  }

  @Delete(':kind/:id')
  @HttpCode(204)
  takeBack(
    @Param('kind') kind: string,
    @Param('id') id: string,
    @SignedIn() me: Me,
  ): Promise<void> {
    return this.leavings.takeBack(me, thingOf(kind, id));
  }
}
