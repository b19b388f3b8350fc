import { Readable } from 'node:stream';
import { Controller, Get, Res } from '@nestjs/common';
import type { Me } from '@gleddo/contract';
import { Throttle } from '@nestjs/throttler';
import type { FastifyReply } from 'fastify';
import { AuditService } from '../audit/audit.service.js';
import { SignedIn } from '../http/signed-in.js';
import { OwnDataService } from './own-data.service.js';

/** What is kept of oneself. */
@Controller('api/me')
export class OwnDataController {
  constructor(
    private readonly own: OwnDataService,
    private readonly audit: AuditService,
  ) {}

  /** All of it, as a file to keep. */
  @Get('data')
  @Throttle({ default: { limit: 5, ttl: 60_000 } })
  async data(@SignedIn() me: Me, @Res() reply: FastifyReply): Promise<void> {
    await this.audit.write('data-taken', me.id, { aboutId: me.id });
    await reply
      .type('application/json; charset=utf-8')
      .header('content-disposition', 'attachment; filename="gleddo-own-data.json"')
      .send(Readable.from(this.own.document(me)));
  }
}
