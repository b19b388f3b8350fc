import { timingSafeEqual } from 'node:crypto';
import { Controller, Get, HttpStatus, Inject, Req, Res } from '@nestjs/common';
import { ApiExcludeController } from '@nestjs/swagger';
import { SkipThrottle } from '@nestjs/throttler';
import { sql } from 'drizzle-orm';
import type { FastifyReply, FastifyRequest } from 'fastify';
import type { Room } from '../database/disk-room.js';
import type { Database } from '../database/open-database.js';
import { notFound } from '../http/problem.js';
import type { Settings } from '../http/settings.js';
import { DATABASE, ROOM, SETTINGS } from '../http/tokens.js';
import { Open } from '../http/signed-in.js';
import { Measures } from './measures.js';

const ANSWERS_WITHIN = 3_000;

/** For whatever watches over the server: whether it lives, whether it can be asked, and how it goes. */
@ApiExcludeController()
@SkipThrottle()
@Controller()
export class HealthController {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(ROOM) private readonly room: Room,
    @Inject(SETTINGS) private readonly settings: Settings,
    private readonly measures: Measures,
  ) {}

  @Open()
  @Get('health')
  health(): { readonly lives: true } {
    return { lives: true };
  }

  @Open()
  @Get('ready')
  async ready(@Res({ passthrough: true }) reply: FastifyReply) {
    const database = await this.answers();
    const disk = this.room.isFull ? 'full' : 'room';
    const isReady = database && disk === 'room';
    if (!isReady) reply.status(HttpStatus.SERVICE_UNAVAILABLE);
    return { ready: isReady, database: database ? 'answers' : 'away', disk };
  }

  private async answers(): Promise<boolean> {
    const asked = this.db.execute(sql`select 1`).then(
      () => true,
      () => false,
    );
    const late = new Promise<boolean>((resolve) => {
      setTimeout(() => resolve(false), ANSWERS_WITHIN).unref();
    });
    return Promise.race([asked, late]);
  }

  /** In the form of Prometheus, for who has the word that the settings name; without one there is nothing here. */
  @Open()
  @Get('metrics')
  async metrics(@Req() request: FastifyRequest, @Res() reply: FastifyReply): Promise<void> {
    const { metricsWord } = this.settings;
    const given = Buffer.from(request.headers.authorization ?? '');
    const wanted = Buffer.from(`Bearer ${metricsWord ?? ''}`);
    const fits = given.length === wanted.length && timingSafeEqual(given, wanted);
    if (metricsWord === null || !fits) throw notFound('What is measured');
    const { registry } = this.measures;
    await reply.type(registry.contentType).send(await registry.metrics());
  }
}
