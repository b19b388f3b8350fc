import type { FastifyRequest } from 'fastify';

/**
 * The route that was found for a request, as it was declared, such as `/api/books/:id`; empty: there is none. Whatever
 * asks what a request is for asks here: an address can be written in many ways, a route in one.
 */
export const routeOf = (request: FastifyRequest): string =>
  request.is404 ? '' : (request.routeOptions.url ?? '');

/** Whether a request is for the API. */
export const isForApi = (request: FastifyRequest): boolean => /^\/api(\/|$)/.test(routeOf(request));

/** Whether it is for the page that describes the API, or for a part of it. */
export const isForApiPage = (request: FastifyRequest): boolean =>
  /^\/api\/docs(\b|$)/.test(routeOf(request));

/** Whether it is for a script, style or font of the pages. */
export const isForPart = (request: FastifyRequest): boolean =>
  routeOf(request).startsWith('/assets/');
