import { Big } from 'big.js';
import { accountOf, type Book } from '../../model/book/book.js';
import { addMonths, financialYearOf } from '../../model/day/calendar.js';
import {
  bookScope,
  evaluate,
  type AskedPeriod,
  type Scope,
  type Value,
} from '../../accounting/expression/index.js';
import type { AnswerKey, StatementDate } from '../key/answer-key.js';
import { done, refusal, refused, type Result } from '../../model/refusal/refusal.js';
import { quantitiesFor } from '../../model/chance/draw.js';
import type { Question } from '../../model/exercise-shapes/question.js';

const notOfKind = refusal(
  'question.not-of-kind',
  (f: { wanted: string }) => `The right answer must be ${f.wanted}. Change its formula.`,
);
const noneRight = refusal(
  'question.none-right',
  () => 'None of these is right. Say of at least one that it is.',
);
const accountGone = refusal(
  'question.account-gone',
  () => 'An account that is right here is in the key no longer. Choose it anew.',
);

/** What a key’s formulas are asked about where they name no day: what is compared last, of profit and loss its period. */
export function askedPeriod({ book, statementDates }: AnswerKey): AskedPeriod {
  const sheets = statementDates.flatMap((each) =>
    each.statement === 'balance-sheet' ? [each.at] : [],
  );
  const periods = statementDates.flatMap((each: StatementDate) =>
    each.statement === 'profit-and-loss' ? [each] : [],
  );
  const last = periods.sort((a, b) => (a.to < b.to ? -1 : 1)).at(-1);
  const to = sheets.sort().at(-1) ?? last?.to ?? addMonths(book.company.firstDay, 12);
  return { from: last?.from ?? financialYearOf(book.company.firstDay, to).from, to };
}

/** The quantities of a key as they were drawn; where it is as it was made, as for the first seed. */
const quantitiesOf = ({ drawn, figures }: AnswerKey): ReadonlyMap<string, Big> =>
  drawn?.quantities ?? quantitiesFor(figures ?? {}, 1);

/** The formulas of a key: what its book answers (or another of its company’s, at another moment), and its quantities. */
export function keyScope(key: AnswerKey, book: Book = key.book): Scope {
  const quantities = quantitiesOf(key);
  return {
    ...bookScope(book, askedPeriod(key)),
    name: (name) => quantities.get(name) ?? null,
  };
}

/** What is right for a question, told by a key’s book. */
export type RightAnswer =
  | { readonly kind: 'figure'; readonly value: Big; readonly tolerance: Big }
  | { readonly kind: 'choice'; readonly right: readonly number[] }
  | { readonly kind: 'account'; readonly accounts: readonly string[] }
  | { readonly kind: 'text'; readonly text: string };

function asked<T extends Value>(
  says: string,
  scope: Scope,
  { fits, wanted }: { readonly fits: (value: Value) => value is T; readonly wanted: string },
): Result<T> {
  const worth = evaluate(says, scope);
  if (!worth.ok) return worth;
  return fits(worth.value) ? done(worth.value) : refused(notOfKind({ wanted }));
}

const isNumber = (value: Value): value is Big => value instanceof Big;
const isYesNo = (value: Value): value is boolean => typeof value === 'boolean';
const isDate = (value: Value): value is string =>
  typeof value === 'string' && /^\d{4}-\d\d-\d\d$/.test(value);
const isSide = (value: Value): value is string => value === 'debit' || value === 'credit';

/** What is right; refused where a formula can’t be reckoned or gives another kind of thing. */
export function rightAnswer(question: Question, book: Book, scope: Scope): Result<RightAnswer> {
  switch (question.kind) {
    case 'figure': {
      const value = asked(question.right, scope, { fits: isNumber, wanted: 'a number' });
      const tolerance = asked(question.tolerance ?? '0', scope, {
        fits: isNumber,
        wanted: 'a number',
      });
      if (!value.ok) return value;
      if (!tolerance.ok) return tolerance;
      return done({ kind: 'figure', value: value.value, tolerance: tolerance.value.abs() });
    }
    case 'choice': {
      const right: number[] = [];
      for (const [i, option] of question.options.entries()) {
        const said = asked(option.right, scope, { fits: isYesNo, wanted: 'true or false' });
        if (!said.ok) return said;
        if (said.value) right.push(i);
      }
      return right.length === 0 ? refused(noneRight({})) : done({ kind: 'choice', right });
    }
    case 'account': {
      const accounts = question.right.filter((id) => accountOf(book, id) !== null);
      return accounts.length === 0 ? refused(accountGone({})) : done({ kind: 'account', accounts });
    }
    case 'date': {
      const date = asked(question.right, scope, {
        fits: isDate,
        wanted: 'a day such as "2027-03-31"',
      });
      return date.ok ? done({ kind: 'text', text: date.value }) : date;
    }
    case 'side': {
      const side = asked(question.right, scope, { fits: isSide, wanted: '"debit" or "credit"' });
      return side.ok ? done({ kind: 'text', text: side.value }) : side;
    }
  }
}
