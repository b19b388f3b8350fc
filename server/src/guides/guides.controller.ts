import { Body, Controller, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import {
  AnswerRequest,
  GoOnRequest,
  HintRequest,
  PlaceRequest,
  type GuideAnswer,
  type GuidePlace,
  type Me,
} from '@gleddo/contract';
import { SignedIn } from '../http/signed-in.js';
import { HintsService } from './hints.service.js';
import { SkippingAheadService } from './skipping-ahead.service.js';
import { GuidesService } from './guides.service.js';

@Controller('api/books/:id')
export class GuidesController {
  constructor(
    private readonly guides: GuidesService,
    private readonly skippingAhead: SkippingAheadService,
    private readonly hints: HintsService,
  ) {}

  @Get('guide')
  open(@Param('id') id: string, @SignedIn() me: Me): Promise<GuideAnswer> {
    return this.guides.open(me, id);
  }

  @Put('place')
  place(
    @Param('id') id: string,
    @Body() body: PlaceRequest,
    @SignedIn() me: Me,
  ): Promise<GuidePlace> {
    return this.guides.putPlace(me, id, body);
  }

  @Put('answers')
  @HttpCode(204)
  answer(@Param('id') id: string, @Body() body: AnswerRequest, @SignedIn() me: Me): Promise<void> {
    return this.guides.answer(me, id, body);
  }

  @Post('hints')
  @HttpCode(200)
  hint(
    @Param('id') id: string,
    @Body() body: HintRequest,
    @SignedIn() me: Me,
  ): Promise<GuideAnswer> {
    return this.hints.ask(me, id, body);
  }

  @Post('skip-ahead')
  @HttpCode(200)
  goOn(
    @Param('id') id: string,
    @Body() { step }: GoOnRequest,
    @SignedIn() me: Me,
  ): Promise<GuideAnswer> {
    return this.skippingAhead.goOn(me, id, step);
  }
}
