import type { LoggerService } from '@nestjs/common';
import { pino, type Logger } from 'pino';

/**
 * The one log. An error is told by its kind, its code and the places it passed: never by its message, which may
 * hold the parameters of a query, and with them what people wrote.
 */
export const makeLog = (level: string): Logger =>
  pino({
    level,
    base: null,
    timestamp: pino.stdTimeFunctions.isoTime,
    serializers: { err: (error) => described(error) },
  });

const MOST_PLACES = 12;
const MOST_CAUSES = 5;

interface LogLine {
  readonly kind: string;
  readonly code?: string;
  readonly table?: string;
  readonly constraint?: string;
  readonly places: readonly string[];
  readonly cause?: LogLine;
}

function described(error: unknown, causes = MOST_CAUSES): LogLine {
  const { name, code, table, constraint, stack, cause } = error as Error & {
    code?: unknown;
    table?: unknown;
    constraint?: unknown;
  };
  const places = (stack ?? '')
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
    .slice(0, MOST_PLACES)
    .map((line) => line.trim());
  return {
    kind: String(name ?? 'Error'),
    ...(typeof code === 'string' ? { code } : {}),
    ...(typeof table === 'string' ? { table } : {}),
    ...(typeof constraint === 'string' ? { constraint } : {}),
    places,
    ...(cause && causes > 0 ? { cause: described(cause, causes - 1) } : {}),
  };
}

/** Nest's own words go into the same log. */
export class NestLog implements LoggerService {
  constructor(private readonly pino: Logger) {}

  log = (message: unknown): void => this.pino.debug(String(message));
  warn = (message: unknown): void => this.pino.warn(String(message));
  error = (message: unknown): void => this.pino.error(String(message));
}
