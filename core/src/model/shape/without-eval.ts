import * as z from 'zod/mini';

/** Lets shapes be tried without code made on the spot, which a page's security policy forbids. Call it first. */
export const withoutEval = (): void => {
  z.config({ jitless: true });
};
