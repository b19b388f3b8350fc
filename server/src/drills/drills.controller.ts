import { Body, Controller, Get, HttpCode, Post } from '@nestjs/common';
import { DrillAnswerRequest, type DrillStanding, type Me } from '@gleddo/contract';
import type { DrillFeedback } from '@gleddo/core';
import { Only, SignedIn } from '../http/signed-in.js';
import { DrillsService } from './drills.service.js';

@Only('student')
@Controller('api/drills')
export class DrillsController {
  constructor(private readonly drills: DrillsService) {}

  @Get()
  standing(@SignedIn() me: Me): Promise<DrillStanding> {
    return this.drills.standing(me);
  }

  @Post('answers')
  @HttpCode(200)
  answer(@Body() body: DrillAnswerRequest, @SignedIn() me: Me): Promise<DrillFeedback> {
    return this.drills.answer(me, body);
  }
}
