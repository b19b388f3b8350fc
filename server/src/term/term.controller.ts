import { Body, Controller, Get, Param, Patch } from '@nestjs/common';
import { TermRequest, type Me, type OwnTerm, type TermMarks } from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { TermService } from './term.service.js';

/** The marks of a class over the term. */
@Only('instructor')
@Controller('api/groups/:id/marks')
export class TermController {
  constructor(private readonly term: TermService) {}

  @Get()
  of(@Param('id') id: string, @SignedIn() me: Me): Promise<TermMarks> {
    return this.term.ofClass(me, id);
  }

  @Patch()
  change(
    @Param('id') id: string,
    @Body() body: TermRequest,
    @SignedIn() me: Me,
  ): Promise<TermMarks> {
    return this.term.change(me, id, body);
  }
}

/** One’s own course. */
@Only('student')
@Controller('api/my-exercises')
export class OwnTermController {
  constructor(private readonly term: TermService) {}

  @Get('term')
  own(@SignedIn() me: Me): Promise<OwnTerm[]> {
    return this.term.ofStudent(me);
  }
}
