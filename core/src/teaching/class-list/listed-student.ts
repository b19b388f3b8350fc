/** What a school's list says of a student; a text that is empty is not said. */
export interface ListedStudent {
  readonly name: string;
  /** What the school calls them by. */
  readonly number: string;
  readonly email: string;
}

export type StudentField = keyof ListedStudent;

/** What the fields are called, in the order in which they are shown. */
export const STUDENT_FIELDS: readonly (readonly [StudentField, string])[] = [
  ['name', 'Name'],
  ['number', 'Number'],
  ['email', 'E-mail'],
];

const plain = (text: string): string => text.normalize('NFKC').trim().replace(/\s+/g, ' ');

/** In one line, without spaces around it. */
export const tidy = ({ name, number, email }: ListedStudent): ListedStudent => ({
  ...{ name: plain(name), number: plain(number), email: plain(email) },
});

/** As two texts are compared: whether letters are large or small says nothing. */
export const folded = (text: string): string => plain(text).toLowerCase();

/** Whether both are said and are the same. */
export const isSame = (one: string, other: string): boolean =>
  one !== '' && folded(one) === folded(other);

/** Whether both are said and differ. */
export const differs = (one: string, other: string): boolean =>
  one !== '' && other !== '' && !isSame(one, other);
