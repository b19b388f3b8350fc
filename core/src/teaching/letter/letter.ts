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
export function letterOf(news: LetterNews, to: LetterTo): Letter | null {
  const parts = partsOf(news, to).filter(({ lines }) => lines.length > 0);
  const [first] = parts;
  if (!first) return null;
  const more = parts.reduce((sum, { lines }) => sum + lines.length, 0) - 1;
  const told = parts.map(({ heading, lines }) =>
    [heading, ...lines.map((line) => `- ${line}`)].join('\n'),
  );
  const text = [
    `Dear ${to.name},`,
    ...told,
    `Go on at ${to.address}/mine`,
    `There is one letter a day at most. You turn them off under “My sign-in”: ${to.address}/password`,
  ].join('\n\n');
  return { subject: `${first.first}${more > 0 ? `, and ${more} more` : ''}`, text: `${text}\n` };
}

function partsOf(news: LetterNews, { zone, now }: LetterTo): Part[] {
  const said = (at: number) => momentSaid(at, zone, now);
  const { closing, givenBack, answered, handedOut } = news;
  const titleOf = (of: readonly { readonly title: string }[]) => `“${of[0]?.title ?? ''}”`;
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
