import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { AskDrillRequest, type ClassMixUps, type Me } from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { MixUpsService } from './mix-ups.service.js';

@Only('instructor')
@Controller('api/groups/:id/mix-ups')
export class MixUpsController {
  constructor(private readonly mixUps: MixUpsService) {}

  @Get()
  ofClass(@Param('id') id: string, @SignedIn() me: Me): Promise<ClassMixUps> {
    return this.mixUps.ofClass(me, id);
  }

  @Get(':student')
  ofOne(
    @Param('id') id: string,
    @Param('student') student: string,
    @SignedIn() me: Me,
  ): Promise<ClassMixUps> {
    return this.mixUps.ofClass(me, id, student);
  }

  @Post('drills')
  @HttpCode(200)
  ask(
    @Param('id') id: string,
    @Body() body: AskDrillRequest,
    @SignedIn() me: Me,
  ): Promise<ClassMixUps> {
    return this.mixUps.ask(me, id, body);
  }
}
