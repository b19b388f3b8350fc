import type { FastifyInstance } from 'fastify';
import type { PeopleService } from './people.service.js';
import { COOKIE } from './session.guard.js';

/** The page that describes the API is for instructors: to everybody else there is nothing at its address. */
export function guardApiPage(fastify: FastifyInstance, people: () => PeopleService): void {
  fastify.addHook('preHandler', async (request, reply) => {
    if (!/^\/api\/docs\b/.test(request.url)) return;
    const token = request.cookies[COOKIE];
    const person = token === undefined ? null : await people().personOf(token);
    if (person?.role === 'instructor') return;
    await reply.status(404).type('application/problem+json').send({
      type: 'about:blank',
      title: 'Not found',
      status: 404,
      detail: 'There is nothing at this address. Go back and choose again.',
      faults: [],
    });
  });
}
