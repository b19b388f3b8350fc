import { join } from 'node:path';
import cookie from '@fastify/cookie';
import helmet from '@fastify/helmet';
import fastifyStatic from '@fastify/static';
import { ValidationPipe } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { FastifyAdapter, type NestFastifyApplication } from '@nestjs/platform-fastify';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import { pino, type Logger } from 'pino';
import { AppModule } from './app.module.js';
import type { Database } from './database/open-database.js';
import { ProblemFilter } from './http/problem.filter.js';
import type { Settings } from './http/settings.js';

const LARGEST_REQUEST = 8_000_000;

/** The application over an open database: routes, errors, security headers, the built pages. */
export async function createApp(
  db: Database,
  settings: Settings,
  log: Logger = pino({ level: process.env['GLEDDO_LOG'] ?? 'warn' }),
): Promise<NestFastifyApplication> {
  const adapter = new FastifyAdapter({ bodyLimit: LARGEST_REQUEST, trustProxy: 'loopback' });
  const app = await NestFactory.create<NestFastifyApplication>(
    AppModule.over(db, settings),
    adapter,
    {
      logger: ['error', 'warn'],
    },
  );
  await app.register(cookie as never);
  await app.register(
    helmet as never,
    {
      contentSecurityPolicy: { directives: POLICY },
      strictTransportSecurity: false,
    } as never,
  );
  app.useGlobalPipes(
    new ValidationPipe({ whitelist: true, forbidNonWhitelisted: true, transform: true }),
  );
  const page = settings.web === null ? null : join(settings.web, 'index.html');
  app.useGlobalFilters(new ProblemFilter(log, page));
  if (settings.web !== null) await servePages(app, settings.web);
  describeApi(app);
  app.enableShutdownHooks();
  return app;
}

const POLICY = {
  defaultSrc: ["'self'"],
  styleSrc: ["'self'", "'unsafe-inline'"],
  imgSrc: ["'self'", 'data:'],
  fontSrc: ["'self'", 'data:'],
  upgradeInsecureRequests: null,
};

async function servePages(app: NestFastifyApplication, root: string): Promise<void> {
  await app.register(
    fastifyStatic as never,
    {
      root,
      wildcard: false,
      cacheControl: false,
      setHeaders: (reply: { header(name: string, value: string): void }, path: string) =>
        reply.header(
          'cache-control',
          path.includes('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache',
        ),
    } as never,
  );
}

function describeApi(app: NestFastifyApplication): void {
  const about = new DocumentBuilder()
    .setTitle('Gleddo')
    .setDescription('Practice companies, exercises on the chart of accounts, and marks.')
    .setVersion('1')
    .addCookieAuth('gleddo_session')
    .build();
  SwaggerModule.setup('api/docs', app, () => SwaggerModule.createDocument(app, about));
}
