import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import {
  NewInstructorRequest,
  type Happened,
  type Instructor,
  type MadePassword,
  type Me,
} from '@gleddo/contract';
import { AuditService } from '../audit/audit.service.js';
import { InstructorsService } from './instructors.service.js';
import { Only, OnlyHead, SignedIn } from './signed-in.js';

/** What the first instructor does for the others. */
@Only('instructor')
@OnlyHead()
@Controller('api/instructors')
export class InstructorsController {
  constructor(
    private readonly instructors: InstructorsService,
    private readonly audit: AuditService,
  ) {}

  @Get()
  list(): Promise<Instructor[]> {
    return this.instructors.list();
  }

  @Post()
  @HttpCode(200)
  add(@Body() body: NewInstructorRequest, @SignedIn() me: Me): Promise<MadePassword> {
    return this.instructors.add(me, body.name, body.login);
  }

  @Post(':id/password')
  @HttpCode(200)
  reset(@Param('id') id: string, @SignedIn() me: Me): Promise<MadePassword> {
    return this.instructors.resetPassword(me, id);
  }

  /** What happened lately: who signed in, changed a mark, gave back, set a password. */
  @Get('happened')
  happened(): Promise<Happened[]> {
    return this.audit.latest();
  }
}
