import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import {
  NewInstructorRequest,
  type Instructor,
  type MadeLink,
  type MadePassword,
  type Me,
} from '@gleddo/contract';
import { InstructorsService } from './instructors.service.js';
import { Only, OnlyHead, SignedIn } from '../http/signed-in.js';

/** What the first instructor does for the others. */
@Only('instructor')
@OnlyHead()
@Controller('api/instructors')
export class InstructorsController {
  constructor(private readonly instructors: InstructorsService) {}

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

  /** A link by which they choose a password of their own. */
  @Post(':id/link')
  @HttpCode(200)
  link(@Param('id') id: string, @SignedIn() me: Me): Promise<MadeLink> {
    return this.instructors.link(me, id);
  }
}
