import { isVisible } from '@gleddo/core';
import { ValidateBy } from 'class-validator';
import { isLine, isToken } from './fields.js';

const LONGEST_NAME = 120;
const LONGEST_NUMBER = 40;
const LONGEST_EMAIL = 200;

const judged = (name: string, message: string, validate: (value: unknown) => boolean) =>
  ValidateBy({ name, validator: { validate } }, { message });

const isEmail = (value: unknown): boolean =>
  isLine(value, LONGEST_EMAIL) && (value.trim() === '' || /^[^\s@]+@[^\s@]+$/.test(value.trim()));

const isListed = (value: unknown): boolean => {
  if (typeof value !== 'object' || value === null) return false;
  const { name, number, email } = value as Record<string, unknown>;
  return (
    isLine(name, LONGEST_NAME) &&
    isVisible(name) &&
    isLine(number, LONGEST_NUMBER) &&
    isEmail(email)
  );
};

/** Students of a list, each with a name, a number and an e-mail, of which the last two may be empty. */
export const AreListedStudents = () =>
  judged(
    'areListedStudents',
    `Each student needs a name of 1 to ${LONGEST_NAME} characters that can be printed, in one line; a number has at most ${LONGEST_NUMBER}, an e-mail an @.`,
    (value) => Array.isArray(value) && value.every(isListed),
  );

export const IsEmailOrNothing = () =>
  judged(
    'isEmailOrNothing',
    'An e-mail is written as name@place. Write it so, or leave it empty.',
    isEmail,
  );

/** Who somebody is, by their place in a list. */
export const AreDecisions = () =>
  judged(
    'areDecisions',
    'Say of each doubtful student who it is, or that it is somebody new.',
    (value) =>
      typeof value === 'object' &&
      value !== null &&
      Object.entries(value).every(([at, said]) => /^\d{1,4}$/.test(at) && isToken(said)),
  );

export const AreIds = (most: number) =>
  judged(
    'areIds',
    'These are no ids that were given out here. Choose again from the list.',
    (value) => Array.isArray(value) && value.length <= most && value.every(isToken),
  );
