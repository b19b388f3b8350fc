import { FAULT_KINDS, isVisible } from '@gleddo/core';
import { ValidateBy, ValidateIf } from 'class-validator';

const UNPRINTABLE = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/;
const IN_ONE_LINE = /[\u0000-\u001f\u007f\u2028\u2029]/;

/** Whether it is text in one line, of at most so many characters. */
export const isLine = (value: unknown, longest: number): value is string =>
  typeof value === 'string' && value.length <= longest && !IN_ONE_LINE.test(value);

const says = (message: string) => ({ message });

/** A field that may be left out; null is not the same as leaving it out, and is refused. */
export const MayBeLeftOut = () => ValidateIf((_, value) => value !== undefined);

/** A name or title: in one line, something that can be seen, of at most so many characters. */
export const IsName = (longest: number, message: string, shortest = 1) =>
  ValidateBy(
    {
      name: 'isName',
      validator: {
        validate: (value: unknown) =>
          isLine(value, longest) && value.trim().length >= shortest && isVisible(value),
      },
    },
    says(message),
  );

/** What somebody says to somebody: something that can be seen, in as many lines as it takes. */
export const IsSaid = (longest: number, message: string) =>
  ValidateBy(
    {
      name: 'isSaid',
      validator: { validate: (value: unknown) => isShort(value, longest) && isVisible(value) },
    },
    says(message),
  );

/** A longer text, without characters that can't be printed. */
export const IsProse = (longest: number, message: string) =>
  ValidateBy(
    {
      name: 'isProse',
      validator: {
        validate: (value: unknown) =>
          typeof value === 'string' && value.length <= longest && !UNPRINTABLE.test(value),
      },
    },
    says(message),
  );

const isShort = (value: unknown, longest: number): value is string =>
  typeof value === 'string' && value.length <= longest && !UNPRINTABLE.test(value);

/** One text of at most so many characters. */
export const IsShortText = (longest: number, message: string) =>
  ValidateBy(
    { name: 'isShortText', validator: { validate: (value: unknown) => isShort(value, longest) } },
    says(message),
  );

/** A list of such texts. */
export const AreShortTexts = (longest: number, message: string) =>
  ValidateBy(
    {
      name: 'areShortTexts',
      validator: {
        validate: (value: unknown) =>
          Array.isArray(value) && value.every((each) => isShort(each, longest)),
      },
    },
    says(message),
  );

/** The id of a thing, as the server gave it out. */
export const IsId = () =>
  ValidateBy(
    {
      name: 'isId',
      validator: {
        validate: isToken,
      },
    },
    says('This is no id that was given out here. Choose again from the list.'),
  );

/** Whether this can be the name of a change. */
export const isToken = (value: unknown): boolean =>
  typeof value === 'string' && /^[\w-]{1,60}$/.test(value);

export const IsToken = () =>
  ValidateBy(
    { name: 'isToken', validator: { validate: isToken } },
    says('The name of a change has 1 to 60 letters, digits, - and _.'),
  );

const MOST_FAULTS = 20;

/** How many faults of each kind are planted. */
export const AreFaultCounts = () =>
  ValidateBy(
    {
      name: 'areFaultCounts',
      validator: {
        validate: (value: unknown) =>
          typeof value === 'object' &&
          value !== null &&
          Object.entries(value).every(
            ([kind, n]) =>
              FAULT_KINDS.some((known) => known === kind) &&
              Number.isInteger(n) &&
              Number(n) >= 0 &&
              Number(n) <= MOST_FAULTS,
          ),
      },
    },
    says(`Say how many faults of each kind are planted: whole numbers up to ${MOST_FAULTS}.`),
  );

/** A list of objects of which each is as it should be. */
export const AreOf = (is: (value: object) => boolean, message: string) =>
  ValidateBy(
    {
      name: 'areOf',
      validator: {
        validate: (value: unknown) =>
          Array.isArray(value) &&
          value.every((each) => typeof each === 'object' && each !== null && is(each as object)),
      },
    },
    says(message),
  );

const MOMENT = /^(?:20|21)\d\d-\d\d-\d\dT\d\d:\d\d(?::\d\d(?:\.\d{1,3})?)?Z$/;

/** A moment of these two centuries: a day and a time that there are, in UTC, as ISO 8601 writes them. */
export const IsMoment = () =>
  ValidateBy(
    {
      name: 'isMoment',
      validator: {
        validate: (value: unknown) =>
          typeof value === 'string' && MOMENT.test(value) && !Number.isNaN(Date.parse(value)),
      },
    },
    says('Give a day and a time, from 2000 to 2199.'),
  );
