import { Controller, Delete, HttpCode, Post } from '@nestjs/common';
import type { Me, SampleShown } from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { SampleService } from './sample.service.js';

@Controller('api/sample')
@Only('instructor')
export class SampleController {
  constructor(private readonly sample: SampleService) {}

  @Post()
  layOut(@SignedIn() me: Me): Promise<SampleShown> {
    return this.sample.layOut(me);
  }

  @Delete()
  @HttpCode(204)
  throwAway(@SignedIn() me: Me): Promise<void> {
    return this.sample.throwAway(me);
  }
}
