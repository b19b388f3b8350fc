import { AsyncLocalStorage } from 'node:async_hooks';
import type { FastifyInstance } from 'fastify';

/** For what nobody in particular asks. */
const THE_HOUSE = 'house';

const requests = new AsyncLocalStorage<{ who: string }>();

/** Whose request is being answered: the person, else where it comes from; the house’s own work is nobody’s. */
export const whoAsks = (): string => requests.getStore()?.who ?? THE_HOUSE;

/** To be called once it is known whose request it is. */
export function asksAs(personId: string): void {
  const request = requests.getStore();
  if (request) request.who = `person ${personId}`;
}

/** Each request is answered knowing whose it is. */
export function rememberWhoAsks(fastify: FastifyInstance): void {
  fastify.addHook('preHandler', (request, _reply, done) => {
    requests.run({ who: `from ${request.ip}` }, done);
  });
}
