import type { Question } from '../../model/exercise-shapes/question.js';
import type { CompanyChart } from '../companies/chart.js';

/** What the exercises of the shelf are about, in the order in which a course meets them. */
export const SUBJECTS = {
  types: 'What an account is',
  numbers: 'Numbers',
  beginning: 'Setting up and opening',
  adjusting: 'What belongs to the period',
  things: 'What lasts, and what is lent',
  goods: 'Goods and tax',
  owners: 'Whose business it is',
  ends: 'The end of the year',
  whole: 'A whole story',
} as const;

type Subject = keyof typeof SUBJECTS;

/**
 * What students find: nothing but the company; the chart without amounts; chart and opening balances; accounts without a
 * place; without numbers; with faults; everything, to be read.
 */
export type Begins = 'from-nothing' | 'open' | 'go-on' | 'place' | 'number' | 'mend' | 'read';

/** A question without its id; `at` names the step at which it is asked, the last one where it is left out. */
export type Asked = (Question extends infer Q
  ? Q extends unknown
    ? Omit<Q, 'id'>
    : never
  : never) & {
  readonly at?: string;
};

/** A ready exercise, written down: everything else about it follows. */
export interface ReadySheet {
  readonly id: string;
  readonly subject: Subject;
  readonly title: string;
  /** What one can do afterwards, in a sentence. */
  readonly says: string;
  readonly company: CompanyChart;
  readonly begins: Begins;
  readonly brief: string;
  /** Accounts besides those of the company, to be added by students: rows as in a chart. */
  readonly adds?: string;
  /** Accounts of the company that it does without, and those that students add although the company has them. */
  readonly without?: string;
  readonly missing?: string;
  /** Whether the company begins with nothing on its accounts. */
  readonly opensEmpty?: true;
  /**
   * Steps (`== title`, `== title | kind of entry`) with their words (`> words`) and what happened, a row each:
   * `date | text of the entry | what is told | account amount, account amount, …`. In what is told, `{account}` is the amount of
   * that line, `{opening account}` what the account opened at, `{= formula }` any figure. An amount may have a
   * formula of its own over the quantities: `250=owed*0.05`. `== given` begins entries that stand already.
   */
  readonly told?: string;
  /** `name from..to/step`, with commas between. */
  readonly quantities?: string;
  readonly questions: readonly Asked[];
}

const why = (explains: string) => ({ explains });

/** A figure of the key’s book. */
export const figure = (text: string, right: string, explains: string): Asked => ({
  ...{ kind: 'figure', text, right },
  ...why(explains),
});

/** One of several, or each that begins with `*` where more than one does. */
export const choice = (text: string, options: readonly string[], explains: string): Asked => {
  const rights = options.filter((each) => each.startsWith('*')).length;
  return {
    ...{ kind: 'choice', text },
    options: options.map((each) => ({
      text: each.replace(/^\*/, ''),
      right: each.startsWith('*') ? 'true' : 'false',
    })),
    ...(rights > 1 ? { several: true } : {}),
    ...why(explains),
  };
};

/** Any of the accounts that are right. */
export const which = (text: string, right: readonly string[], explains: string): Asked => ({
  ...{ kind: 'account', text, right: [...right] },
  ...why(explains),
});

/** The side on which an account normally stands. */
export const sideOf = (text: string, account: string, explains: string): Asked => ({
  ...{ kind: 'side', text, right: `side("${account}")` },
  ...why(explains),
});

/** The same, asked at a step. */
export const at = (step: string, asked: Asked): Asked => ({ ...asked, at: step });
