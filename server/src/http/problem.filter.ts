import { readFileSync } from 'node:fs';
import { Catch, HttpException, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { FastifyReply, FastifyRequest } from 'fastify';
import type { Logger } from 'pino';
import { isOutOfRoom } from '../database/out-of-room.js';
import { isUnwritable } from '../database/unwritable.js';
import { isAway } from '../database/away.js';
import { isForApi, routeOf } from './route.js';
import { NOTHING_HERE } from './not-found.js';
import { DISK_FULL } from './room.guard.js';
import { Refused, type Fault } from './problem.js';

/** Answers every error as problem+json; a page that is asked for by its address gets the application. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private page: string | null = null;

  constructor(
    private readonly log: Logger,
    private readonly pageFile: string | null,
  ) {}

  catch(error: unknown, host: ArgumentsHost): void {
    const reply = host.switchToHttp().getResponse<FastifyReply>();
    const request = host.switchToHttp().getRequest<FastifyRequest>();
    const status = statusOf(error);
    if (status === 404 && this.pageFile !== null && asksForPage(request)) {
      this.page ??= readFileSync(this.pageFile, 'utf8');
      void reply.status(200).type('text/html').header('cache-control', 'no-cache').send(this.page);
      return;
    }
    if (status >= 500 && status !== FULL)
      this.log.error({ err: error, route: routeOf(request) }, 'failed');
    if (status === AWAY) void reply.header('retry-after', '1');
    const send = () => this.send(reply, error, status);
    if (status === 413) drained(request, send);
    else send();
  }

  private send(reply: FastifyReply, error: unknown, status: number): void {
    const faults = faultsOf(error);
    void reply
      .status(status)
      .type('application/problem+json')
      .send({
        type: 'about:blank',
        title: TITLES[status] ?? 'Error',
        status,
        detail: detailOf(error, status, faults),
        faults,
      });
  }
}

/** As long as it takes to let a body that is too large run out; who sends more is cut off. */
const DRAIN_WITHIN = 3_000;

/** Lets the rest of a body run out before it is answered: else its sender never hears why it was refused. */
function drained({ raw }: FastifyRequest, then: () => void): void {
  const timer = setTimeout(finish, DRAIN_WITHIN);
  function finish(): void {
    clearTimeout(timer);
    raw.off('end', finish).off('error', finish).off('close', finish);
    then();
  }
  if (raw.readableEnded || raw.destroyed) return finish();
  raw.once('end', finish).once('error', finish).once('close', finish);
  raw.resume();
}

const AWAY = 503;
const FULL = 507;

const TITLES: Readonly<Record<number, string>> = {
  400: 'Not understood',
  401: 'Not signed in',
  403: 'Not allowed',
  404: 'Not found',
  409: 'Changed meanwhile',
  413: 'Too large',
  415: 'Not JSON',
  422: 'Refused',
  429: 'Too many requests',
  500: 'Fault of the program',
  503: 'Away for a moment',
  507: 'Disk full',
};

/** An address with nothing hidden in it; what can’t be read so is as it was sent. */
function plainAddress(url: string): string {
  try {
    return decodeURIComponent(url);
  } catch {
    return url;
  }
}

const asksForPage = (request: FastifyRequest): boolean =>
  request.method === 'GET' &&
  !isForApi(request) &&
  !/^\/+api\b/i.test(plainAddress(request.url)) &&
  (request.headers.accept ?? '').includes('text/html');

function statusOf(error: unknown): number {
  if (error instanceof HttpException) return error.getStatus();
  if (isAway(error)) return AWAY;
  if (isUnwritable(error)) return 400;
  if (isOutOfRoom(error)) return FULL;
  const status = (error as { statusCode?: unknown }).statusCode;
  return typeof status === 'number' ? status : 500;
}

const faultsOf = (error: unknown): readonly Fault[] =>
  error instanceof Refused ? error.faults : [];

/** What is said where the error says nothing for people. */
const SAYS: Readonly<Record<number, string>> = {
  404: NOTHING_HERE,
  413: 'What was sent is larger than it may be. Send less at once.',
  429: 'Too many tries in a short time. Wait a minute, then try again.',
  507: DISK_FULL,
  503: 'The database is away for a moment. What was saved is safe; try again.',
};

const FAULT = 'Something went wrong here, not with you. What was saved is safe; try again.';
const NOT_UNDERSTOOD = 'The request is not understood. Reload the page, then try again.';

function detailOf(error: unknown, status: number, faults: readonly Fault[]): string {
  if (faults.length > 0) return faults.map((fault) => fault.says).join(' ');
  if (error instanceof Error && error.name === 'BodyRefused') return error.message;
  return SAYS[status] ?? (status >= 500 ? FAULT : NOT_UNDERSTOOD);
}
