import { randomInt } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { whoAsks } from '../turns/asking.js';
import { TurnsByPerson } from '../turns/turns-by-person.js';

/** Source: the OWASP cheat sheet on password storage (argon2id, 19 MiB, two passes). */
const ARGON = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** Letters and digits that nobody takes for one another. */
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
const LENGTH = 12;

/** What is meant to take long takes one core at most, however many sign in. */
const turns = new TurnsByPerson(1);

export const hashOfPassword = (password: string): Promise<string> =>
  turns.take(whoAsks(), () => hash(password, ARGON));

export const fitsPassword = (kept: string, password: string): Promise<boolean> =>
  turns.take(whoAsks(), () => verify(kept, password));

/** Takes as long as a real comparison, so that an unknown name is not told by its speed. */
export async function wasteTime(password: string): Promise<false> {
  await hashOfPassword(password);
  return false;
}

/** A password that the program makes, to be shown once. */
export const madePassword = (): string =>
  Array.from({ length: LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');
