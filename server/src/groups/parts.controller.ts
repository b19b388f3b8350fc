import { Body, Controller, Delete, HttpCode, Param, Post, Put } from '@nestjs/common';
import { PartRequest, type GroupAnswer, type Me } from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { PartsService } from './parts.service.js';

/** Groups within a class. */
@Only('instructor')
@Controller('api/groups/:id/parts')
export class PartsController {
  constructor(private readonly parts: PartsService) {}

  @Post()
  @HttpCode(200)
  make(
    @Param('id') id: string,
    @Body() body: PartRequest,
    @SignedIn() me: Me,
  ): Promise<GroupAnswer> {
    return this.parts.make(me, id, body);
  }

  @Put(':part')
  change(
    @Param('id') classId: string,
    @Param('part') id: string,
    @Body() body: PartRequest,
    @SignedIn() me: Me,
  ): Promise<GroupAnswer> {
    return this.parts.change(me, { classId, id }, body);
  }

  @Delete(':part')
  remove(
    @Param('id') classId: string,
    @Param('part') id: string,
    @SignedIn() me: Me,
  ): Promise<GroupAnswer> {
    return this.parts.remove(me, classId, id);
  }
}
