import type { Me } from '@gleddo/contract';
import type { people } from '../database/schema/index.js';

type Person = Pick<typeof people.$inferSelect, keyof Me>;

/** Of a row of people what the one who is signed in is told, and everything here is asked by. */
export const meOf = ({ id, name, role, isHead, isFirstPassword }: Person): Me => ({
  ...{ id, name, role, isHead, isFirstPassword },
});
