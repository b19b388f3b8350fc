import { accountLabel, type Account, type Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { guessesIn } from '../../model/placing/guesses.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { openingDifference } from '../../accounting/ledger/balances.js';
import { formatAmount } from '../../model/money/format-amount.js';
import { refusal, type Refusal } from '../../model/refusal/refusal.js';
import { writingOf } from '../../model/place/writing.js';

const openNotPlaced = refusal(
  'open.not-placed',
  (f: { names: readonly string[] }) =>
    `${listed(f.names)} ${f.names.length === 1 ? 'has' : 'have'} no place on a statement yet.`,
);
const openNotNumbered = refusal(
  'open.not-numbered',
  (f: { names: readonly string[] }) =>
    `${listed(f.names)} ${f.names.length === 1 ? 'has' : 'have'} no number yet.`,
);
const openGuesses = refusal(
  'open.guesses',
  (f: { names: readonly string[] }) =>
    `The ${f.names.length === 1 ? 'type' : 'types'} of ${listed(f.names)} ${f.names.length === 1 ? 'is a guess' : 'are guesses'} from the name. Say in the chart what ${f.names.length === 1 ? 'it is' : 'they are'}.`,
);
const openNoSide = refusal(
  'open.no-side',
  (f: { names: readonly string[] }) =>
    `The normal side of ${listed(f.names)} is asked and not answered yet.`,
);
const openDifference = refusal(
  'open.difference',
  (f: { amount: string; side: string }) =>
    `The opening balances have ${f.amount} more in ${f.side}; the difference waits in suspense.`,
);
const openNoAmounts = refusal(
  'open.no-amounts',
  () => 'There are no opening balances and no entries in the book.',
);

const openBatch = refusal(
  'open.batch',
  (f: { count: number }) =>
    `${f.count} ${f.count === 1 ? 'entry waits' : 'entries wait'} in the batch and ${f.count === 1 ? 'counts' : 'count'} for nothing until posted in the journal.`,
);

const MOST_NAMED = 5;

function listed(names: readonly string[]): string {
  const shown = names.slice(0, MOST_NAMED).map((name) => `“${name}”`);
  const rest = names.length - shown.length;
  if (rest > 0) return `${shown.join(', ')} and ${rest} more`;
  return shown.length < 2 ? shown.join('') : `${shown.slice(0, -1).join(', ')} and ${shown.at(-1)}`;
}

interface Asked {
  readonly asksSides: boolean;
  /** Whether somebody says what type an account has, or the program may take it from the name. */
  readonly asksTypes: boolean;
}

const NOT_ASKED: Asked = { asksSides: false, asksTypes: false };

/** What a book leaves open as it stands, judged without any key: for a look before handing in. */
export function stillOpen(book: Book, { asksSides, asksTypes }: Asked = NOT_ASKED): Refusal[] {
  const inUse = book.accounts.filter((account) => !account.retired);
  const homeless = inUse.filter((account) => account.type === null).map(accountLabel);
  const unnumbered = inUse.filter((account) => account.number === null).map(({ name }) => name);
  const difference = openingDifference(book);
  const { waiting } = subledgersOf(book);
  const found: Refusal[] = [];
  if (homeless.length > 0) found.push(openNotPlaced({ names: homeless }));
  if (book.numberPlan && unnumbered.length > 0) found.push(openNotNumbered({ names: unnumbered }));
  const guesses = asksTypes ? guessesIn(book).map(accountLabel) : [];
  if (guesses.length > 0) found.push(openGuesses({ names: guesses }));
  const unanswered = asksSides ? withoutSide(book, inUse) : [];
  if (unanswered.length > 0) found.push(openNoSide({ names: unanswered }));
  if (difference !== 0) found.push(openDifference(differenceFacts(book, difference)));
  if (waiting.length > 0) found.push(openBatch({ count: waiting.length }));
  if (Object.keys(book.opening.balances).length === 0 && book.entries.length === 0)
    found.push(openNoAmounts({}));
  return found;
}

/** The account that every book is given has its side by itself. */
const withoutSide = (book: Book, accounts: readonly Account[]): string[] =>
  accounts
    .filter((account) => account.statedSide === null)
    .filter(({ type }) => typeOf(book.scheme, type)?.role !== 'retained-earnings')
    .map(accountLabel);

const differenceFacts = (book: Book, difference: number) => ({
  amount: formatAmount(Math.abs(difference), writingOf(book.company)),
  side: difference > 0 ? 'debit' : 'credit',
});
