import { ValidateBy } from 'class-validator';

const SHORTEST = 2;
const LONGEST = 60;

/** A sign-in name as it is compared: one way of writing each letter, nothing that can't be seen. Capitals stay. */
export const foldedSignInName = (text: string): string =>
  text
    .normalize('NFKC')
    .replace(/\p{Cf}/gu, '')
    .trim();

const WRITTEN = /^[\p{L}\p{M}\p{N}._@+’' -]+$/u;
const SCRIPTS = ['Latin', 'Greek', 'Cyrillic', 'Armenian', 'Georgian', 'Hebrew', 'Arabic'].map(
  (script) => new RegExp(`\\p{Script=${script}}`, 'u'),
);
/** Letters of other scripts that are taken for Latin ones: a name of these alone can't be told from another. */
const LOOK_LATIN = /^[аеорсухіјѕԁһԛԝҽαοινρτυχϲВАЕКМНОРСТХІЅЈΑΒΕΖΗΙΚΜΝΟΡΤΥΧ\p{N}._@+’' -]+$/u;
const NOT_LATIN = /[\p{Script=Greek}\p{Script=Cyrillic}]/u;

/** Whether a name could be taken for another one: letters of two scripts, or of one that all look like Latin ones. */
const isLookAlike = (name: string): boolean =>
  SCRIPTS.filter((script) => script.test(name)).length > 1 ||
  (NOT_LATIN.test(name) && LOOK_LATIN.test(name));

/** A name to sign in with that nobody takes for another's. */
const isSignInName = (value: unknown): boolean => {
  if (typeof value !== 'string' || value.length > LONGEST) return false;
  const name = foldedSignInName(value);
  return name.length >= SHORTEST && WRITTEN.test(name) && !isLookAlike(name);
};

export const IsSignInName = () =>
  ValidateBy(
    { name: 'isSignInName', validator: { validate: isSignInName } },
    {
      message:
        'Choose a name to sign in with, of 2 to 60 letters, digits, dots or hyphens, all of one script, that nobody takes for another name.',
    },
  );
