import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import {
  AddStudentsRequest,
  NewGroupRequest,
  type AddedStudents,
  type GroupAnswer,
  type GroupSummary,
  type MadePassword,
  type Me,
} from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { GroupsService } from './groups.service.js';

@Only('instructor')
@Controller('api/groups')
export class GroupsController {
  constructor(private readonly groups: GroupsService) {}

  @Get()
  list(@SignedIn() me: Me): Promise<GroupSummary[]> {
    return this.groups.list(me);
  }

  @Post()
  create(@Body() body: NewGroupRequest, @SignedIn() me: Me): Promise<GroupSummary> {
    return this.groups.create(me, body.name);
  }

  @Get(':id')
  open(@Param('id') id: string, @SignedIn() me: Me): Promise<GroupAnswer> {
    return this.groups.open(me, id);
  }

  @Post(':id/members')
  add(
    @Param('id') id: string,
    @Body() body: AddStudentsRequest,
    @SignedIn() me: Me,
  ): Promise<AddedStudents> {
    return this.groups.add(me, id, body);
  }

  @Post(':id/members/:person/password')
  @HttpCode(200)
  resetPassword(
    @Param('id') id: string,
    @Param('person') person: string,
    @SignedIn() me: Me,
  ): Promise<MadePassword> {
    return this.groups.resetPassword(me, id, person);
  }
}
