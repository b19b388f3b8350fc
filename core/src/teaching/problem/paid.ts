import type { Amount } from '../../model/money/amount.js';
import type { Known, KnownAccount, KnownLine, Owed, Wanted } from './known.js';
import type { Means, Payment } from './payment.js';
import { meansIn } from './payment.js';
import { credit, debit, partyAfter, phrase, titled, type Scene } from './scene.js';
import type { Told } from './told.js';
import { lemmaOf, monthNamed } from './words.js';

/** What is owed for something, and by what words it can be spoken of later. */
interface Owing {
  readonly wanted: Wanted;
  readonly names: readonly string[];
  /** What comes off where it is paid early: `terms 2/10`. */
  readonly percent?: number | null;
}

/** What comes off by the terms that are said: `2/10, n/30`. */
export const termsIn = (text: string): number | null => {
  const found = /\b(\d(?:\.\d)?)\/\d{1,2},? ?n(?:et)?\/?/i.exec(text);
  return found ? Number(found[1]) : null;
};

const isCash = (said: Told): boolean =>
  meansIn(said) === 'cash' &&
  !said.has('pay into bank|pay in bank|cash to bank|cash into bank|go to bank|go into bank');

/** The account that money comes from, or goes to. */
export const moneyOf = ({ known, said }: Scene): KnownAccount => known.money(isCash(said));

const MEANT: Readonly<Record<Exclude<Means, 'cash' | 'bank' | 'credit'>, string>> = {
  card: 'card-payable',
  note: 'note-payable',
  loan: 'long-term-loan',
};

/** `By card` is from the bank, unless a list has what is owed on the card. */
const cardOf = (known: Known, said: Told): KnownAccount | undefined =>
  said.has('by card|with card|on card') && !said.has('debit card')
    ? known.ofType('card-payable').find(({ isGiven }) => isGiven)
    : undefined;

function accountFor(known: Known, means: Means, owed: Wanted): KnownAccount {
  if (means === 'cash' || means === 'bank') return known.money(means === 'cash');
  return known.account(means === 'credit' ? owed : { type: MEANT[means] });
}

const COMMON: ReadonlySet<string> = new Set(['goods', 'service', 'sales', 'order']);

/** `Orsino Imports` is spoken of as `Orsino`, too. */
function withShort(names: readonly string[]): readonly string[] {
  const short = names.flatMap((name) => {
    const [first = '', second = ''] = name.split(' ');
    return isName(first) &&
      isName(second) &&
      first.length > 3 &&
      !NOT_ALONE.has(first.toLowerCase())
      ? [first]
      : [];
  });
  return [...names, ...short];
}

/** `Stationery and forms` are spoken of as the stationery, too. */
const withParts = (names: readonly string[]): readonly string[] =>
  names.flatMap((name) => (/^\p{Lu}/u.test(name) ? [name] : [name, ...name.split(' and ')]));

const NOT_ALONE: ReadonlySet<string> = new Set(
  'north south east west city town royal grand first united general national hotel saint'.split(
    ' ',
  ),
);

/** Keeps what is owed under the names by which it is spoken of. */
function remember(
  known: Known,
  { line, percent }: Omit<Owed, 'name'>,
  names: readonly string[],
): void {
  for (const name of new Set(withParts(withShort(names))))
    if (name !== '' && !COMMON.has(lemmaOf(name)) && monthNamed(name.split(/[ ’']/)[0] ?? '') === 0)
      keepOwed(known, name, { line, percent });
}

/** What somebody owes already, or is owed, and this is one sum; of a thing it is this alone. */
function keepOwed(known: Known, name: string, { line, percent }: Omit<Owed, 'name'>): void {
  const key = name.toLowerCase().replaceAll(/[’']s\b/g, '');
  const before = isName(name) ? known.remembered.owed.get(key)?.line : undefined;
  const isMore =
    before?.account === line.account && Math.sign(before.amount) === Math.sign(line.amount);
  const all = isMore ? { ...line, amount: before.amount + line.amount } : line;
  known.remembered.owed.set(key, { name: titled(name), line: all, percent });
}

/** How something bought is paid for: lines in credit, and what is owed is kept. */
export function paidBy(
  known: Known,
  payments: readonly Payment[],
  { wanted, names, percent = null }: Owing,
): KnownLine[] {
  return payments.map(({ means, amount, said }) => {
    const party = partyAfter(said, 'to', 'from', 'of', 'by');
    const isOwn = wanted.type === 'sundry-payable' && party !== '';
    const account =
      cardOf(known, said) ?? accountFor(known, means, isOwn ? { ...wanted, name: party } : wanted);
    const line = credit(account, amount);
    if (means === 'credit') remember(known, { line, percent }, [...names, party]);
    return line;
  });
}

/** `Invoiced it`: whoever is spoken of so has a name somewhere else. */
const isNoPronoun = (name: string): boolean => !/^(?:it|them|him|her|they|us|me)$/i.test(name);

/** How something sold is paid: lines in debit, and what customers owe is kept. */
export function paidInto(
  known: Known,
  payments: readonly Payment[],
  names: readonly string[],
): KnownLine[] {
  return payments.map(({ means, amount, said }) => {
    const isNote = means === 'note' || means === 'loan';
    const isOwed = means === 'credit' || isNote;
    const account = isOwed
      ? known.account({ type: isNote ? 'note-receivable' : 'trade-receivables' })
      : known.money(means === 'cash');
    const line = debit(account, amount);
    const all = [...names, partyAfter(said, 'to', 'from', 'by', 'of')];
    if (isOwed) remember(known, { line, percent: null }, all.filter(isNoPronoun));
    return line;
  });
}

/** Where a thing that lasts is owed for: apart from what suppliers of goods are owed, unless a list knows only these. */
export function owedFor(known: Known, isLasting: boolean, thing: string): Wanted {
  const given = known.ofType('sundry-payable').length > 0;
  const hasOnly = known.ofType('trade-payables').some(({ isGiven }) => isGiven) && !given;
  return isLasting && !hasOnly
    ? { type: 'sundry-payable', name: `Owed for the ${thing.toLowerCase()}` }
    : { type: 'trade-payables' };
}

const isName = (word: string): boolean => /^\p{Lu}/u.test(word);

/** `Restaurant paid`, of the station restaurant: the only one that is called so at its end. */
function byLastWord({ tokens }: Told, known: Known): Owed | null {
  const [subject] = tokens;
  if (tokens[1]?.word !== 'pay' || !subject || subject.said.length < 5) return null;
  const found = [...known.remembered.owed].filter(([name]) =>
    name.endsWith(` ${subject.said.toLowerCase()}`),
  );
  return new Set(found.map(([, { line }]) => line)).size === 1 ? (found[0]?.[1] ?? null) : null;
}

/** What somebody is owed or owes, by a name or a thing that was spoken of; null: nothing is known of it. */
export function owedOf({ said, known }: Scene): Owed | null {
  const written = said.tokens.map((each) => ({ ...each, said: each.said.replace(/[’']s$/, '') }));
  const text = ` ${phrase(written).toLowerCase()} `;
  const found = [...known.remembered.owed].filter(([name]) => text.includes(` ${name} `));
  const [first] = found.sort(([a], [b]) => b.length - a.length);
  return first?.[1] ?? byLastWord(said, known);
}

/** Whether an amount is what is left when a discount has been taken. */
export const isAfterDiscount = ({ said }: Scene): boolean =>
  said.has('after') && said.has('discount') && said.of('percent').length === 0;

/** A discount that is taken off an amount: said in percent, or as an amount; null: none is spoken of. */
export function discountIn({ said, known, ...scene }: Scene, gross: Amount): Amount | null {
  if (!said.has('discount')) return null;
  const [percent] = said.of('percent');
  if (percent) return Math.round((gross * percent.value) / 10_000);
  const terms = owedOf({ said, known, ...scene })?.percent ?? null;
  if (terms !== null && said.amounts.length < 2) return Math.round((gross * terms) / 100);
  return said.amountAfter('discount')?.value ?? said.amounts.at(-1)?.value ?? null;
}

/** `Paid 880 in full settlement of 900`: what was owed, and what was let off; null: nothing of the kind is said. */
export function settledIn({ said, text }: Scene): { gross: Amount; discount: Amount } | null {
  const [a, b, ...more] = said.amounts.map(({ value }) => value);
  const isWhole =
    /\bdifference\b|\bin full\b|\b(?:full|complete|final) settlement\b|\bsettle/i.test(text);
  if (a === undefined || b === undefined || more.length > 0 || !isWhole || a === b) return null;
  const [gross, paid] = [Math.max(a, b), Math.min(a, b)];
  // What was let off is smaller by far than what was owed; else the two are other things.
  if (paid < 0.5 * gross) return said.has('discount') ? { gross, discount: paid } : null;
  return { gross, discount: gross - paid };
}

/** `Paid the invoice, less 50`: all that is owed, without what is let off; null: nothing of the kind is said. */
export function lessIn({ said }: Scene, owed: Amount): { gross: Amount; discount: Amount } | null {
  const [off, ...more] = said.amounts;
  const isLess = said.has('less #amount|less a discount of #amount|less discount of #amount');
  if (!off || more.length > 0 || !isLess || off.value >= owed) return null;
  return { gross: owed, discount: off.value };
}

/** Whoever a name with a capital letter in a sentence is, beside its first word. */
export const someNamed = ({ said }: Scene): string =>
  said.tokens
    .slice(1)
    .filter((each) => each.kind === 'word' && isName(each.said))
    .map((each) => each.said)
    .join(' ');
