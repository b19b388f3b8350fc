import { momentSaid } from '../times/index.js';

/** What there is to tell a student of their exercises; times in milliseconds since 1970. */
export interface LetterNews {
  /** Of what they have not handed in and what closes soon. */
  readonly closing: readonly { readonly title: string; readonly closesAt: number }[];
  readonly givenBack: readonly { readonly title: string }[];
  readonly answered: readonly { readonly title: string; readonly many: number }[];
  /** What was handed out; `closesAt` null: it does not close. */
  readonly handedOut: readonly { readonly title: string; readonly closesAt: number | null }[];
}

interface Counted {
  readonly title: string;
  readonly many: number;
}

/** What there is to tell an instructor, since the letter before. */
export interface InstructorNews {
  readonly asked: readonly Counted[];
  readonly closed: readonly {
    readonly title: string;
    readonly group: string;
    readonly handedIn: number;
    readonly students: number;
  }[];
  readonly handedIn: readonly Counted[];
  readonly failed: readonly Counted[];
}

export interface LetterTo {
  readonly name: string;
  /** Where people come in, such as `https://books.school.example`. */
  readonly address: string;
  /** The time zone of the school (IANA). */
  readonly zone: string;
  readonly now: number;
}

export interface Letter {
  readonly subject: string;
  readonly text: string;
}

interface Part {
  readonly heading: string;
  readonly lines: readonly string[];
  /** What the subject says where this is what comes first. */
  readonly first: string;
}

/** One letter for all that there is to tell, the most pressing first; null: there is nothing. Marks stand in no letter. */
export const letterOf = (news: LetterNews, to: LetterTo): Letter | null =>
  letterOfParts(partsOf(news, to), to, '/mine');

/** Whether an instructor is to hear of it on that day; that works came in waits for the hour at which letters are written. */
export const isPressing = ({ asked, closed, failed }: InstructorNews): boolean =>
  [asked, closed, failed].some((each) => each.length > 0);

/** The same to an instructor. No student’s name and no word of theirs stands in it. */
export const instructorLetterOf = (news: InstructorNews, to: LetterTo): Letter | null =>
  letterOfParts(instructorParts(news), to, '/today');

function letterOfParts(all: readonly Part[], to: LetterTo, path: string): Letter | null {
  const parts = all.filter(({ lines }) => lines.length > 0);
  const [first] = parts;
  if (!first) return null;
  const more = parts.reduce((sum, { lines }) => sum + lines.length, 0) - 1;
  const told = parts.map(({ heading, lines }) =>
    [heading, ...lines.map((line) => `- ${line}`)].join('\n'),
  );
  const text = [
    `Dear ${to.name},`,
    ...told,
    `Go on at ${to.address}${path}`,
    `There is one letter a day at most. You turn them off under “My sign-in”: ${to.address}/password`,
  ].join('\n\n');
  return { subject: `${first.first}${more > 0 ? `, and ${more} more` : ''}`, text: `${text}\n` };
}

const titleOf = (of: readonly { readonly title: string }[]): string => `“${of[0]?.title ?? ''}”`;

const counted = (many: number, one: string): string => `${many} ${many === 1 ? one : `${one}s`}`;

function instructorParts({ asked, closed, handedIn, failed }: InstructorNews): Part[] {
  return [
    {
      heading: 'Asked, and not answered yet:',
      lines: asked.map(({ title, many }) => `“${title}”, ${counted(many, 'question')}`),
      first: `Somebody asks about ${titleOf(asked)}`,
    },
    {
      heading: 'Closed:',
      lines: closed.map(
        ({ title, group, handedIn: came, students }) =>
          `“${title}” for ${group}, ${came} of ${students} handed in`,
      ),
      first: `${titleOf(closed)} is closed`,
    },
    {
      heading: 'Handed in, and not marked yet:',
      lines: handedIn.map(({ title, many }) => `“${title}”, ${counted(many, 'work')}`),
      first: `${counted(handedIn[0]?.many ?? 0, 'work')} of ${titleOf(handedIn)} came in`,
    },
    {
      heading: 'Could not be checked:',
      lines: failed.map(({ title, many }) => `“${title}”, ${counted(many, 'work')}`),
      first: `A work of ${titleOf(failed)} could not be checked`,
    },
  ];
}

function partsOf(news: LetterNews, { zone, now }: LetterTo): Part[] {
  const said = (at: number) => momentSaid(at, zone, now);
  const { closing, givenBack, answered, handedOut } = news;
  return [
    {
      heading: 'Closes soon, and you have not handed it in:',
      lines: closing.map(({ title, closesAt }) => `“${title}” closes ${said(closesAt)}`),
      first: `${titleOf(closing)} closes ${said(closing[0]?.closesAt ?? now)}`,
    },
    {
      heading: 'Given back, marked:',
      lines: givenBack.map(({ title }) => `“${title}”`),
      first: `${titleOf(givenBack)} is given back`,
    },
    {
      heading: 'Answered:',
      lines: answered.map(({ title, many }) => `“${title}”${many > 1 ? `, ${many} words` : ''}`),
      first: `There is an answer about ${titleOf(answered)}`,
    },
    {
      heading: 'Handed out:',
      lines: handedOut.map(({ title, closesAt }) =>
        closesAt === null ? `“${title}”` : `“${title}”, open until ${said(closesAt)}`,
      ),
      first: `${titleOf(handedOut)} is handed out`,
    },
  ];
}
