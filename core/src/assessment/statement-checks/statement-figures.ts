import { shareOf, type Cause } from '../cause/cause.js';
import type { StatementDate } from '../key/answer-key.js';
import { minorDigits, type Amount } from '../../model/money/amount.js';
import { formatDecimal } from '../../model/money/format-amount.js';
import type { Facts } from '../../model/refusal/refusal.js';
import { linesOfStatement, type StatementLine } from '../../accounting/statement/lines.js';
import { answerFor, type Answer } from './cause-roots.js';
import type { CauseShare, Finding, Outcome } from '../check/finding.js';
import type { Marking } from '../check/marking.js';
import type { Words } from '../check/told.js';
import { NOT_SAID } from '../check/what-is-said.js';

/** What the sentence of a line is made from. */
export interface LineFacts extends Facts {
  readonly line: string;
  readonly difference: string;
  /** Whether theirs is more than the key’s. */
  readonly more: boolean;
  /** How many causes cancel each other there. */
  readonly cancelled: number;
  readonly exact: string;
}

interface Shared {
  readonly share: CauseShare;
  readonly answer: Answer;
}

const answered = new WeakMap<readonly Cause[], readonly Answer[]>();

/** Who answers for causes: told once, when everything that could answer has been judged. */
function answersTo(marking: Marking, causes: readonly Cause[]): readonly Answer[] {
  const known = answered.get(causes);
  const answers = known ?? causes.map((cause) => answerFor(marking, cause));
  answered.set(causes, answers);
  return answers;
}

/** Compares the lines (or totals) of every statement at every date that the key names. */
export function compareLines(marking: Marking, totals: boolean): Finding<LineFacts>[] {
  return marking.key.statementDates.flatMap((date) => {
    const causes = marking.causesAt(date);
    const answers = answersTo(marking, causes);
    const lines = linesOfStatement(marking.key.book.scheme, date.statement);
    return lines
      .filter((line) => line.isTotal === totals)
      .map((line) => {
        const shared = causes.flatMap((cause, i): Shared[] => {
          const share = shareOf(cause, line);
          const { kind, of, id } = cause;
          const answer = answers[i] as Answer;
          const roots = answer.roots.length > 0 ? { roots: answer.roots } : {};
          return share === 0 ? [] : [{ share: { kind, of, id, share, ...roots }, answer }];
        });
        return compareLine(marking, date, { line, shared });
      });
  });
}

function compareLine(
  marking: Marking,
  date: StatementDate,
  { line, shared }: { readonly line: StatementLine; readonly shared: readonly Shared[] },
): Finding<LineFacts> {
  let difference: Amount = 0;
  for (const { share } of shared) difference += share.share;
  const causes = shared.map((each) => each.share);
  const about = {
    subject: { kind: 'line', id: line.id },
    facts: () =>
      factsOf(marking, line, {
        difference,
        causes: shared.filter(({ answer }) => !answer.accepted).length,
      }),
    date,
    difference,
    causes,
  } as const;
  if (!marking.says('statements')) return { ...about, outcome: 'cannot-judge' };
  if (difference === 0) return { ...about, outcome: 'met' };
  const from = [...new Set(shared.flatMap((each) => each.answer.roots))];
  const unmarked = shared.some(({ answer }) => !answer.accepted && answer.roots.length === 0);
  if (unmarked) return { ...about, outcome: 'not-met', from };
  return { ...about, outcome: from.length > 0 ? 'follows' : 'met', from };
}

function factsOf(
  marking: Marking,
  line: StatementLine,
  { difference, causes }: { readonly difference: Amount; readonly causes: number },
): LineFacts {
  const digits = minorDigits(marking.key.book.company.currency);
  return {
    line: line.name,
    difference: marking.money(Math.abs(difference)),
    more: difference > 0,
    cancelled: difference === 0 ? causes : 0,
    exact: formatDecimal(difference, digits),
  };
}

/** The sentence of a compared line. */
export function lineSays(facts: LineFacts, outcome: Outcome): Words {
  const line = facts.line;
  if (outcome === 'cannot-judge') return NOT_SAID.statements;
  if (facts.cancelled) return `${line} agrees, but only because faults cancel each other there.`;
  if (facts.difference === '0') return `${line} agrees to the cent.`;
  const how = facts.more === true ? 'over' : 'short';
  const why = {
    follows: ' All of it follows from what is marked above.',
    met: ' The key accepts what makes the difference.',
  }[outcome as string];
  const differs = `${line} is ${facts.difference} ${how}.${why ?? ''}`;
  return outcome === 'met' ? differs : { there: `${line} is not right.`, belongs: differs };
}
