import { join } from 'node:path';
import { constants } from 'node:zlib';
import compress from '@fastify/compress';
import cookie from '@fastify/cookie';
import helmet from '@fastify/helmet';
import fastifyStatic from '@fastify/static';
import type { Type } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { FastifyAdapter, type NestFastifyApplication } from '@nestjs/platform-fastify';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import type { FastifyInstance } from 'fastify';
import { AppModule } from './app.module.js';
import { rememberWhoAsks } from './turns/asking.js';
import { Measures } from './house/measures.js';
import { takeBodies } from './http/bodies.js';
import type { Given } from './http/given.module.js';
import { NestLog } from './http/log.js';
import { sendNotFound, type Reply } from './http/not-found.js';
import { ProblemFilter } from './http/problem.filter.js';
import { RequestPipe } from './http/request-pipe.js';
import { isForApi, isForPart } from './http/route.js';
import { isSecure, type Settings } from './http/settings.js';
import { guardApiPage } from './people/api-page.js';
import { Cookies } from './people/cookies.js';
import { PeopleService } from './people/people.service.js';

/** An id longer than any is looked for like another, and not found. */
const LONGEST_ADDRESS = 2_000;
const HALF_A_YEAR = 15_552_000;

/** The application over an open database: routes, errors, security headers, the built pages. */
export async function createApp(
  given: Given,
  more: readonly Type[] = [],
): Promise<NestFastifyApplication> {
  const { settings, log } = given;
  const adapter = new FastifyAdapter({
    trustProxy: settings.trustedProxy ?? false,
    forceCloseConnections: true,
    routerOptions: { maxParamLength: LONGEST_ADDRESS },
    frameworkErrors: (_: unknown, __: unknown, reply: unknown) => void sendNotFound(reply as Reply),
  });
  const app = await NestFactory.create<NestFastifyApplication>(
    AppModule.over(given, more),
    adapter,
    { logger: new NestLog(log), bodyParser: false },
  );
  const fastify = adapter.getInstance() as unknown as FastifyInstance;
  takeBodies(fastify);
  keepNothing(fastify);
  rememberWhoAsks(fastify);
  sayLessOfParts(fastify);
  await app.register(compress as never, COMPRESSION as never);
  await app.register(cookie as never);
  await app.register(helmet as never, securityOf(settings) as never);
  app.useGlobalPipes(new RequestPipe());
  const page = settings.web === null ? null : join(settings.web, 'index.html');
  app.useGlobalFilters(new ProblemFilter(log, page));
  if (settings.web !== null) await servePages(app, settings.web);
  app.get(Measures).watch(fastify);
  guardApiPage(fastify, () => ({ people: app.get(PeopleService), cookies: app.get(Cookies) }));
  describeApi(app);
  return app;
}

/** Nothing that the server answers of people's work is kept by a browser or a proxy. */
function keepNothing(fastify: FastifyInstance): void {
  fastify.addHook('onSend', async (request, reply) => {
    if (isForApi(request) || request.is404) reply.header('cache-control', 'no-store');
  });
}

/** What scripts, styles and fonts need not say each time: it holds for the page that asks for them. */
const OF_PAGES = [
  'content-security-policy',
  'cross-origin-opener-policy',
  'origin-agent-cluster',
  'referrer-policy',
  'x-dns-prefetch-control',
  'x-download-options',
  'x-frame-options',
  'x-permitted-cross-domain-policies',
  'x-xss-protection',
];

function sayLessOfParts(fastify: FastifyInstance): void {
  fastify.addHook('onSend', async (request, reply) => {
    if (!isForPart(request)) return;
    for (const name of OF_PAGES) reply.removeHeader(name);
  });
}

const securityOf = (settings: Settings) => ({
  contentSecurityPolicy: { directives: POLICY },
  strictTransportSecurity: isSecure(settings)
    ? { maxAge: HALF_A_YEAR, includeSubDomains: false }
    : false,
});

/** Answers are compressed quickly rather than well; what is sent as a stream of events is not. */
const COMPRESSION = {
  threshold: 1_400,
  encodings: ['br', 'gzip'],
  zlibOptions: { level: 4 },
  brotliOptions: { params: { [constants.BROTLI_PARAM_QUALITY]: 4 } },
};

const POLICY = {
  defaultSrc: ["'self'"],
  styleSrc: ["'self'", "'unsafe-inline'"],
  imgSrc: ["'self'", 'data:'],
  fontSrc: ["'self'", 'data:'],
  upgradeInsecureRequests: null,
};

const FOR_GOOD = 'public, max-age=31536000, immutable';

/** The pages: each file of theirs has a route, but for the many parts under `assets`, which share one. */
async function servePages(app: NestFastifyApplication, root: string): Promise<void> {
  const served = (rest: object, cached: string) =>
    app.register(
      fastifyStatic as never,
      {
        ...{ root, preCompressed: true, cacheControl: false, ...rest },
        setHeaders: (reply: { header(name: string, value: string): void }) =>
          reply.header('cache-control', cached),
      } as never,
    );
  await served({ wildcard: false, globIgnore: ['assets/**'] }, 'no-cache');
  // What never changes is asked for once: nothing need be told by which to ask again.
  const unasked = { etag: false, lastModified: false, acceptRanges: false };
  const assets = { root: join(root, 'assets'), prefix: '/assets/', decorateReply: false };
  await served({ ...assets, ...unasked }, FOR_GOOD);
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
