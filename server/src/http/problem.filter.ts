import { readFileSync } from 'node:fs';
import { Catch, HttpException, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { FastifyReply, FastifyRequest } from 'fastify';
import type { Logger } from 'pino';
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
    if (status >= 500) this.log.error({ err: error, url: request.url });
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

const TITLES: Readonly<Record<number, string>> = {
  400: 'Not understood',
  401: 'Not signed in',
  403: 'Not allowed',
  404: 'Not found',
  409: 'Changed meanwhile',
  413: 'Too large',
  422: 'Refused',
  429: 'Too many requests',
  500: 'Fault of the program',
};

const asksForPage = (request: FastifyRequest): boolean =>
  request.method === 'GET' &&
  !request.url.startsWith('/api/') &&
  (request.headers.accept ?? '').includes('text/html');

function statusOf(error: unknown): number {
  if (error instanceof HttpException) return error.getStatus();
  const status = (error as { statusCode?: unknown }).statusCode;
  return typeof status === 'number' ? status : 500;
}

function faultsOf(error: unknown): readonly Fault[] {
  if (error instanceof Refused) return error.faults;
  if (!(error instanceof HttpException)) return [];
  const response = error.getResponse();
  const found = typeof response === 'object' ? (response as { message?: unknown }).message : null;
  if (!Array.isArray(found)) return [];
  return found.map((says) => ({ at: '', code: 'request', says: String(says) }));
}

function detailOf(error: unknown, status: number, faults: readonly Fault[]): string {
  if (status >= 500)
    return 'Something went wrong here, not with you. What was saved is safe; try again.';
  if (status === 413) return 'What was sent is larger than it may be. Send less at once.';
  if (status === 429) return 'Too many tries in a short time. Wait a minute, then try again.';
  if (faults.length > 0) return faults.map((fault) => fault.says).join(' ');
  return error instanceof Error ? error.message : 'Not understood.';
}
