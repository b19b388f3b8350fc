import { type Account, type Book, type Document, type Entry } from '../src/index.js';
import { acct, book, COMPANY, entry } from './builder.js';
import { dealer, of, on, paper, withPapers } from './subledgers.js';

/** A book as its file tells it, with what was reckoned by hand. */
export interface ToldBook {
  readonly title: string;
  readonly book: Book;
  readonly period: { readonly from: string; readonly to: string };
  readonly answers: readonly Answer[];
}

/** `at`, `changes`, `customer` and the like have a head; the rest are figures by name. */
export interface Answer {
  readonly head: string;
  readonly figures: Readonly<Record<string, number>>;
}

/** Source: ISO 4217. */
const DIGITS: Readonly<Record<string, number>> = { JPY: 0, BHD: 3 };

const HEADS = ['at', 'changes', 'customer', 'supplier'];

const said = (lines: readonly string[], name: string): string | undefined =>
  lines
    .find((line) => line.startsWith(`${name}: `))
    ?.slice(name.length + 2)
    .trim();

/** All books of a file. */
export function toldBooks(text: string): ToldBook[] {
  return text
    .split(/^== /m)
    .slice(1)
    .map((told) => toldBook(told.trim().split('\n')));
}

function toldBook([title = '', ...lines]: readonly string[]): ToldBook {
  const firstDay = said(lines, 'year') ?? COMPANY.firstDay;
  const currency = said(lines, 'currency') ?? COMPANY.currency;
  const minor = (amount: string) => Math.round(Number(amount) * 10 ** (DIGITS[currency] ?? 2));
  const inventory = said(lines, 'dealer') as 'perpetual' | 'periodic' | undefined;
  const made = inventory
    ? withPapers(dealer(inventory), ...documentsIn(lines, minor))
    : bookIn(lines, minor);
  const company = {
    ...{ ...made.company, firstDay, currency },
    legalForm: (said(lines, 'form') ?? 'company') as Book['company']['legalForm'],
    ...(said(lines, 'flow') === 'ifrs-18' ? { cashFlow: 'ifrs-18' as const } : {}),
  };
  return {
    title,
    book: { ...made, company },
    period: { from: firstDay, to: said(lines, 'until') ?? `${firstDay.slice(0, 4)}-12-31` },
    answers: lines.filter((line) => line.startsWith('= ')).map((line) => answerIn(line, minor)),
  };
}

function answerIn(line: string, minor: (amount: string) => number): Answer {
  const words = line.slice(2).split(' ');
  const head = HEADS.includes(words[0] ?? '') ? (words.shift() ?? '') : '';
  const figures: Record<string, number> = {};
  for (let i = 0; i + 1 < words.length; i += 2) figures[words[i] ?? ''] = minor(words[i + 1] ?? '');
  return { head, figures };
}

type Posted = readonly (readonly [account: string, amount: number])[];

const postedIn = (text: string, minor: (amount: string) => number): Posted =>
  text.split(' | ').map((part) => {
    const [account = '', amount = ''] = part.trim().split(' ');
    return [account, minor(amount)];
  });

/** `02-10 closing: …`: its day, its kind, its lines. */
const ENTRY = /^((?:\d{4}-)?\d\d-\d\d)(?: ([a-z-]+))?: (.*)$/;

function bookIn(lines: readonly string[], minor: (amount: string) => number): Book {
  const opening = postedIn(said(lines, 'opening') ?? '', minor).filter(([id]) => id !== '');
  const entries = lines.flatMap((line, i): Entry[] => {
    const [, day, kind, rest] = ENTRY.exec(line) ?? [];
    return day === undefined || rest === undefined
      ? []
      : [entryOf(`e${i}`, day, { kind, lines: postedIn(rest, minor) })];
  });
  const ids = new Set([
    ...opening.map(([id]) => id),
    ...entries.flatMap((each) => each.lines.map(({ account }) => account)),
  ]);
  const bare = book([...ids].map(accountOf(lines)), Object.fromEntries(opening), entries);
  const opened = said(lines, 'opened');
  const date = opened ?? dayBefore(said(lines, 'year') ?? COMPANY.firstDay);
  return { ...bare, opening: { ...bare.opening, date } };
}

const dayBefore = (day: string): string =>
  new Date(Date.parse(day) - 86_400_000).toISOString().slice(0, 10);

function entryOf(
  id: string,
  day: string,
  told: { readonly kind: string | undefined; readonly lines: Posted },
): Entry {
  const date = day.length === 5 ? `2027-${day}` : day;
  const kind = (told.kind ?? 'general') as Entry['kind'];
  const lines = told.lines.map(([account, amount]) => ({ account, amount }));
  return { ...entry(id, date, { lines: {}, rest: { kind } }), lines };
}

const accountOf =
  (lines: readonly string[]) =>
  (id: string): Account => {
    const [type = id] = id.split('/');
    const [of_, activity] = said(lines, 'activity')?.split(' ') ?? [];
    return acct(id, type, of_ === id ? { cashFlow: activity as Account['cashFlow'] } : {});
  };

/** `02-01 goods-in mill: boat 10 @ 10`: its day, its kind, with whom, what. */
const DOCUMENT = /^(\d\d-\d\d) ([a-z-]+)(?: ([a-z]+))?: (.*)$/;

function documentsIn(lines: readonly string[], minor: (amount: string) => number): Document[] {
  return lines.flatMap((line, i): Document[] => {
    const [, day, kind, party, rest = ''] = DOCUMENT.exec(line) ?? [];
    if (day === undefined || kind === undefined) return [];
    const heads = { date: `2027-${day}`, party: party ?? null };
    return [paper(`d${i}`, kind as Document['kind'], { ...heads, ...whatOf(rest, minor) })];
  });
}

function whatOf(text: string, minor: (amount: string) => number): Partial<Document> {
  const [first = '', second = '', third = '', fourth = ''] = text.split(' ');
  if (first !== 'bank')
    return { lines: [of(first, Number(second), fourth === '' ? null : minor(fourth))] };
  if (second === 'on') return { money: 'bank', lines: [on(third, minor(fourth))] };
  if (third === '') return { money: 'bank', amount: minor(second) };
  if (third === 'discount')
    return { money: 'bank', amount: minor(second), discount: minor(fourth) };
  return { money: 'bank', to: second, amount: minor(third) };
}
