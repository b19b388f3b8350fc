import type { FastifyInstance } from 'fastify';
import { sendNotFound } from '../http/not-found.js';
import type { PeopleService } from './people.service.js';
import { COOKIE } from './session.guard.js';

/** The page that describes the API is for instructors: to everybody else there is nothing at its address. */
export function guardApiPage(fastify: FastifyInstance, people: () => PeopleService): void {
  fastify.addHook('preHandler', async (request, reply) => {
    if (!/^\/api\/docs\b/.test(request.url)) return;
    const token = request.cookies[COOKIE];
    const person = token === undefined ? null : await people().personOf(token);
    if (person?.role === 'instructor') return;
    await sendNotFound(reply);
  });
}
