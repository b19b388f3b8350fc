import { Controller, Get } from '@nestjs/common';
import type { Me, Today } from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { TodayService } from './today.service.js';

@Controller('api/today')
@Only('instructor')
export class TodayController {
  constructor(private readonly today: TodayService) {}

  @Get()
  now(@SignedIn() me: Me): Promise<Today> {
    return this.today.of(me);
  }
}
