import { randomInt } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';

/** Source: the OWASP cheat sheet on password storage (argon2id, 19 MiB, two passes). */
const ARGON = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** Letters and digits that nobody takes for one another. */
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
const LENGTH = 12;

export const hashOfPassword = (password: string): Promise<string> => hash(password, ARGON);

export const fitsPassword = (kept: string, password: string): Promise<boolean> =>
  verify(kept, password);

/** Takes as long as a real comparison, so that an unknown name is not told by its speed. */
export async function wasteTime(password: string): Promise<false> {
  await hash(password, ARGON);
  return false;
}

/** A password that the program makes, to be shown once. */
export const madePassword = (): string =>
  Array.from({ length: LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');
