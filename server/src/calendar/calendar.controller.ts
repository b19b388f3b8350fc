import { Body, Controller, Get, HttpCode, Post } from '@nestjs/common';
import { TakeOverRequest, type CalendarShown, type Me, type TakenOver } from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { CalendarService } from './calendar.service.js';
import { TakingOverService } from './taking-over.service.js';

@Controller('api/calendar')
@Only('instructor')
export class CalendarController {
  constructor(
    private readonly calendar: CalendarService,
    private readonly takingOver: TakingOverService,
  ) {}

  @Get()
  shown(@SignedIn() me: Me): Promise<CalendarShown> {
    return this.calendar.of(me);
  }

  /** What one class had goes to another, its days moved. */
  @Post('take-over')
  @HttpCode(200)
  async takeOver(@Body() body: TakeOverRequest, @SignedIn() me: Me): Promise<TakenOver> {
    const taken = await this.takingOver.run(me, body);
    return { ...(await this.calendar.of(me)), taken };
  }
}
