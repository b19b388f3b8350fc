import type { FastifyInstance, FastifyRequest } from 'fastify';
import { routeOf } from './route.js';
import { BodyRefused, parsedBody } from './json-body.js';

const KB = 1024;
const USUAL = 64 * KB;
/** Where a book, or what is said of a key, is changed. */
const CHANGING = 1024 * KB;
/** Where a file comes in. */
const FILES = 8 * 1024 * KB;

/** The addresses where whole books come in: their bodies are handed on unread. */
const BOOKS_IN: ReadonlySet<string> = new Set(['/api/companies', '/api/exercises/file']);
/** Where works, or pictures, come in as files. */
const WORKS_IN: ReadonlySet<string> = new Set([
  '/api/exercises/:id/files',
  '/api/my-exercises/:id/file',
  '/api/exercises/:id/pictures',
]);

function limitOf(method: string, url: string): number {
  if (method === 'POST' && (BOOKS_IN.has(url) || WORKS_IN.has(url))) return FILES;
  if (method === 'POST' && /^\/api\/books\/:id\/(operations|changes)$/.test(url)) return CHANGING;
  if (method === 'POST' && url === '/api/exercises/:id/changes') return CHANGING;
  return USUAL;
}

const isBookIn = (request: FastifyRequest): boolean =>
  request.method === 'POST' && BOOKS_IN.has(routeOf(request));

/** How bodies are taken: as JSON only, up to the limit of the route, judged before they are parsed. */
export function takeBodies(fastify: FastifyInstance): void {
  fastify.addHook('onRoute', (route) => {
    route.bodyLimit = limitOf([route.method].flat()[0] ?? '', route.url);
  });
  fastify.removeAllContentTypeParsers();
  fastify.addContentTypeParser('application/json', { parseAs: 'buffer' }, (request, body, done) => {
    try {
      done(null, isBookIn(request) ? body : parsedBody(body.toString('utf8')));
    } catch (error) {
      done(error as Error);
    }
  });
  fastify.addContentTypeParser(
    'application/x-www-form-urlencoded',
    { parseAs: 'string' },
    (request, body, done) => {
      if (FORMS_IN.has(routeOf(request)))
        done(null, Object.fromEntries(new URLSearchParams(String(body))));
      else done(new BodyRefused(415, NOT_JSON));
    },
  );
  fastify.addContentTypeParser('*', (_request, _payload, done) =>
    done(new BodyRefused(415, NOT_JSON)),
  );
}

/** Where a learning platform sends forms, as the standard has it. */
const FORMS_IN: ReadonlySet<string> = new Set(['/api/platform/sign-in', '/api/platform/launch']);

const NOT_JSON = 'Only JSON is taken here. Send it as application/json.';
