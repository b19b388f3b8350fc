import type { FastifyInstance } from 'fastify';
import { isForApiPage } from '../http/route.js';
import { sendNotFound } from '../http/not-found.js';
import type { Cookies } from './cookies.js';
import type { PeopleService } from './people.service.js';

/** The page that describes the API is for instructors: to everybody else there is nothing at its address. */
export function guardApiPage(
  fastify: FastifyInstance,
  from: () => { readonly people: PeopleService; readonly cookies: Cookies },
): void {
  fastify.addHook('preHandler', async (request, reply) => {
    if (!isForApiPage(request)) return;
    const { people, cookies } = from();
    const token = cookies.read(request, 'session');
    const person = token === undefined ? null : await people.personOf(token);
    if (person?.role === 'instructor') return;
    await sendNotFound(reply);
  });
}
