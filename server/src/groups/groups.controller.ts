import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import {
  ClassListRequest,
  MergeStudentsRequest,
  MoveStudentRequest,
  NewGroupRequest,
  StudentRequest,
  type ClassListDone,
  type ClassListPlan,
  type GroupAnswer,
  type GroupSummary,
  type MadeLink,
  type MadePassword,
  type Me,
} from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { ClassListService } from './class-list.service.js';
import { GroupsService } from './groups.service.js';
import { MergingService } from './merging.service.js';
import { StudentsService } from './students.service.js';

@Only('instructor')
@Controller('api/groups')
export class GroupsController {
  constructor(
    private readonly groups: GroupsService,
    private readonly lists: ClassListService,
    private readonly students: StudentsService,
    private readonly merging: MergingService,
  ) {}

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

  @Patch(':id')
  rename(
    @Param('id') id: string,
    @Body() body: NewGroupRequest,
    @SignedIn() me: Me,
  ): Promise<GroupSummary> {
    return this.groups.rename(me, id, body.name);
  }

  /** What a list will do; nothing is done yet. */
  @Post(':id/list')
  @HttpCode(200)
  look(
    @Param('id') id: string,
    @Body() body: ClassListRequest,
    @SignedIn() me: Me,
  ): Promise<ClassListPlan> {
    return this.lists.look(me, id, body);
  }

  @Post(':id/members')
  take(
    @Param('id') id: string,
    @Body() body: ClassListRequest,
    @SignedIn() me: Me,
  ): Promise<ClassListDone> {
    return this.lists.take(me, id, body);
  }

  @Patch(':id/members/:person')
  change(
    @Param('id') group: string,
    @Param('person') id: string,
    @Body() to: StudentRequest,
    @SignedIn() me: Me,
  ): Promise<GroupAnswer> {
    return this.students.change(me, group, { id, to });
  }

  @Delete(':id/members/:person')
  takeOut(
    @Param('id') group: string,
    @Param('person') id: string,
    @SignedIn() me: Me,
  ): Promise<GroupAnswer> {
    return this.students.takeOut(me, group, id);
  }

  @Post(':id/members/:person/back')
  @HttpCode(200)
  bringBack(
    @Param('id') group: string,
    @Param('person') id: string,
    @SignedIn() me: Me,
  ): Promise<GroupAnswer> {
    return this.students.bringBack(me, group, id);
  }

  @Post(':id/members/:person/move')
  @HttpCode(200)
  move(
    @Param('id') group: string,
    @Param('person') id: string,
    @Body() { to }: MoveStudentRequest,
    @SignedIn() me: Me,
  ): Promise<GroupAnswer> {
    return this.students.move(me, group, { id, to });
  }

  @Post(':id/members/:person/merge')
  @HttpCode(200)
  merge(
    @Param('id') group: string,
    @Param('person') id: string,
    @Body() { into }: MergeStudentsRequest,
    @SignedIn() me: Me,
  ): Promise<GroupAnswer> {
    return this.merging.merge(me, group, { id, into });
  }

  @Post(':id/members/:person/password')
  @HttpCode(200)
  resetPassword(
    @Param('id') group: string,
    @Param('person') id: string,
    @SignedIn() me: Me,
  ): Promise<MadePassword> {
    return this.students.resetPassword(me, group, id);
  }

  /** A link by which they choose a password of their own. */
  @Post(':id/members/:person/link')
  @HttpCode(200)
  link(
    @Param('id') group: string,
    @Param('person') id: string,
    @SignedIn() me: Me,
  ): Promise<MadeLink> {
    return this.students.link(me, group, id);
  }
}
