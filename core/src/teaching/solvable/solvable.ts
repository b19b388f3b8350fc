import { accountOf, openingOf, type Book, type Entry } from '../../model/book/book.js';
import { counterparts } from '../../model/book/since-start.js';
import { dayText } from '../../model/day/calendar.js';
import { isMade } from '../../accounting/document/document-entries.js';
import { balancesOf } from '../../accounting/ledger/balances.js';
import { type Amount } from '../../model/money/amount.js';
import { formatAmount } from '../../model/money/format-amount.js';
import { acceptedFor, type AnswerKey } from '../../assessment/key/answer-key.js';
import { givenIn } from '../../assessment/check/given.js';
import { keyScope, rightAnswer } from '../../assessment/question/right-answer.js';
import { figureText } from '../../assessment/question/judge-answer.js';
import { wordsBy } from '../../assessment/question/fill-words.js';
import type { Exercise } from '../exercise/exercise.js';
import { ledBy, type Led } from '../exercise/led.js';
import { isReckoned, type SaidOfIt } from './reckoned.js';
import { formsOf, plainText } from './day-forms.js';
import { WhatIsSaid } from './what-is-said.js';
import { figuresIn } from './told-figures.js';
import { writingOf } from '../../model/place/writing.js';

/** Something that a student has to know. */
interface Needed {
  readonly what: 'opening' | 'entry' | 'account' | 'day';
  /** Of which account or entry of the key. */
  readonly id: string;
  /** In a sentence; how it is mended, where it is untold. */
  readonly says: string;
}

/** What of a key students can know from what they are given. */
export interface Solvable {
  readonly told: readonly Needed[];
  readonly reckoned: readonly Needed[];
  readonly untold: readonly Needed[];
  /** Check figures that are the answer of a question. */
  readonly givesAway: readonly string[];
}

interface Known {
  readonly about: WhatIsSaid;
  readonly key: AnswerKey;
  readonly start: Book;
  /** All that is said, in small letters. */
  readonly said: string;
  /** Amounts that stand anywhere, in the start, too. */
  readonly amounts: ReadonlySet<Amount>;
}

/** The amounts that a key has on each account, of those that are told. */
function amountsByAccount({ opening, entries }: Book, told: ReadonlySet<Amount>) {
  const found = new Map<string, Set<Amount>>();
  const add = (account: string, amount: Amount) => {
    if (!told.has(Math.abs(amount))) return;
    const ofIt = found.get(account) ?? new Set();
    found.set(account, ofIt.add(Math.abs(amount)));
  };
  for (const [account, amount] of Object.entries(opening.balances)) add(account, amount);
  for (const { lines } of entries) for (const { account, amount } of lines) add(account, amount);
  return found;
}

/** How an amount is known: it stands somewhere, or is reckoned from what is said of the thing that it is of. */
function knownAs(
  amount: Amount,
  { amounts }: Known,
  of: () => readonly SaidOfIt[],
): 'told' | 'reckoned' | null {
  if (amounts.has(Math.abs(amount))) return 'told';
  return of().some((each) => isReckoned(Math.abs(amount), each)) ? 'reckoned' : null;
}

/** All that a student reads: brief, steps, papers, questions, and the amounts that stand in the start. */
function textsOf({ brief }: Exercise, led: Led, key: AnswerKey): string[] {
  return [
    wordsBy(key)(brief),
    led.assumes,
    ...led.steps.flatMap(({ words, questions, figures }) => [
      words,
      ...questions.flatMap(({ text, options }) => [text, ...options]),
      ...figures.map(({ right }) => figureText(right, key.book)),
    ]),
    ...led.sheets.flatMap(({ note, rows }) => [
      note,
      ...rows.map(({ cells, paper }) =>
        [...cells, ...(paper ? [JSON.stringify(paper)] : [])].join(' | '),
      ),
    ]),
  ];
}

function amountsOfStart(start: Book): Amount[] {
  return [
    ...Object.values(start.opening.balances),
    ...balancesOf(start).values(),
    ...start.entries.flatMap(({ lines }) => lines.map(({ amount }) => amount)),
  ].map(Math.abs);
}

const money = ({ company }: Book, amount: Amount): string =>
  formatAmount(Math.abs(amount), writingOf(company));

function accountsNeeded({ key, start, said }: Known): [Needed, boolean][] {
  const there = counterparts(start, key.book);
  return key.book.accounts
    .filter(({ id, retired }) => !there.has(id) && !retired && acceptedFor(key, id).required)
    .map(({ id, name }) => {
      const names = [name, ...acceptedFor(key, id).names];
      const isNamed = names.some((each) => said.includes(plainText(each)));
      const says = isNamed
        ? `“${name}” is named.`
        : `“${name}” is named nowhere. Name it in the brief, in a step or on a paper, or let it be left out.`;
      return [{ what: 'account', id, says }, isNamed];
    });
}

function openingsNeeded({ key, start }: Known): { readonly id: string; readonly amount: Amount }[] {
  const there = counterparts(start, key.book);
  return key.book.accounts.flatMap(({ id }) => {
    const amount = openingOf(key.book, id);
    const given = there.get(id);
    const stands = given ? openingOf(start, given.id) : 0;
    return amount === 0 || amount === stands ? [] : [{ id, amount }];
  });
}

/** One opening follows from the others, since they are in balance. */
function openingsFound(known: Known): Found[] {
  const { key } = known;
  const all = openingsNeeded(known).map(({ id, amount }) => {
    const name = accountOf(key.book, id)?.name ?? id;
    return {
      id,
      amount,
      name,
      how: knownAs(amount, known, () => [known.about.ofName(name)]),
    };
  });
  const isRest = all.filter(({ how }) => how === null).length === 1 && all.length > 1;
  return all.map(({ id, amount, name, how }): Found => {
    const now = how ?? (isRest ? 'reckoned' : null);
    const what = `The opening of “${name}”, ${money(key.book, amount)},`;
    const says =
      now === null
        ? `${what} is told nowhere. Put it on a paper or in a step.`
        : `${what} is ${now}.`;
    return { needed: { what: 'opening', id, says }, known: now };
  });
}

const entryName = ({ text, reference, date }: Entry): string => text || reference || dayText(date);

const isDaySaid = (date: string, { said, key }: Known): boolean =>
  formsOf(date).some((each) => said.includes(each)) ||
  key.statementDates.some((each) => ('at' in each ? each.at : each.to) === date);

type Found = { readonly needed: Needed; readonly known: 'told' | 'reckoned' | null };

/** Of an entry one line follows from the others. */
function entryNeeded(known: Known, entry: Entry): Found[] {
  const { key } = known;
  let said: SaidOfIt[] | null = null;
  const of = () => (said ??= known.about.ofEntry(entry));
  const lines = entry.lines.map(({ account, amount }) => ({
    ...{ account, amount },
    known: knownAs(amount, known, of),
  }));
  const unknown = lines.filter((line) => line.known === null);
  const isRest = unknown.length === 1 && lines.length > 1;
  const day = isDaySaid(entry.date, known);
  const name = entryName(entry);
  return [
    ...lines.map((line): Found => {
      const how = line.known ?? (isRest ? 'reckoned' : null);
      const on = accountOf(key.book, line.account)?.name ?? line.account;
      const what = `“${name}”: ${money(key.book, line.amount)} on “${on}”`;
      const says =
        how === null
          ? `${what} is neither told nor reckoned from what is told. Say it, or what it is reckoned from, in a step.`
          : `${what} is ${how}.`;
      return { needed: { what: 'entry', id: entry.id, says }, known: how };
    }),
    {
      needed: {
        ...{ what: 'day', id: entry.id },
        says: day
          ? `“${name}”: its day is told.`
          : `“${name}”: nothing says that it is of ${dayText(entry.date)}. Say the day, or accept several.`,
      },
      known: day ? 'told' : null,
    },
  ];
}

/** Check figures published with a step that are the right answer to a question of it or of a later one. */
function givenAway(key: AnswerKey, led: Led): string[] {
  const scope = keyScope(key);
  const answers = key.questions.flatMap((question) => {
    if (question.kind !== 'figure') return [];
    const right = rightAnswer(question, key.book, scope);
    return right.ok && right.value.kind === 'figure'
      ? [{ text: question.text, right: figureText(right.value.value, key.book) }]
      : [];
  });
  return led.steps.flatMap(({ step, figures }) =>
    figures.flatMap(({ name, right }) =>
      answers
        .filter((each) => each.right === figureText(right, key.book))
        .map(
          ({ text }) =>
            `“${name}”, published with “${step.title}”, is the answer to “${text.split('\n')[0] ?? ''}”. Publish another, or ask something else.`,
        ),
    ),
  );
}

/** What is said together: a row of a list, a sentence. */
const blocksOf = (line: string): string[] =>
  line.startsWith('- ') ? [line] : line.split(/(?<=[a-z0-9)])[.;!?]\s/);

/** What of an exercise’s key a student can know: told, reckoned from what is told, or untold. */
export function solvable(exercise: Exercise): Solvable {
  const { key, start, guide } = exercise;
  const led = ledBy(key, start, guide);
  const texts = textsOf(exercise, led, key);
  const blocks = texts.flatMap((text) => plainText(text).split('\n').flatMap(blocksOf));
  const amounts = new Set([...figuresIn(texts, key.book).amounts, ...amountsOfStart(start)]);
  const ofAccount = amountsByAccount(key.book, amounts);
  const said = plainText(texts.join('\n'));
  const about = new WhatIsSaid(key.book, blocks, ofAccount);
  const known: Known = { about, key, start, said, amounts };
  const given = givenIn(start, key.book);
  const accounts = accountsNeeded(known).map(([needed, isNamed]): Found => ({
    needed,
    known: isNamed ? 'told' : null,
  }));
  const openings = openingsFound(known);
  const entries = key.book.entries
    .filter((entry) => !given.entries.has(entry.id) && !isMade(entry) && entry.kind !== 'closing')
    .flatMap((entry) => entryNeeded(known, entry));
  const all = [...accounts, ...openings, ...entries];
  const those = (how: Found['known']) =>
    all.filter((each) => each.known === how).map(({ needed }) => needed);
  return {
    ...{ told: those('told'), reckoned: those('reckoned'), untold: those(null) },
    givesAway: givenAway(key, led),
  };
}
