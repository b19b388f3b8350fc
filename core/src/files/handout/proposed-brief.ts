import { openingOf, type Account, type Book, type Entry } from '../../model/book/book.js';
import { planRows } from './band-rows.js';
import { allWhole, formatAmount } from '../../model/money/format-amount.js';
import { plantFaults } from '../../teaching/start/plant-faults.js';
import { isKept, type Planting, type StartKind } from '../../teaching/start/starting-point.js';
import { collatorOf, saidOn, writingOf } from '../../model/place/writing.js';

/** As long as a brief may become while there is still room to write in it. */
const LONGEST = 16_000;

interface Asked extends Planting {
  readonly asksSides: boolean;
}

/** What a brief says of each kind, part by part. */
const PARTS: Readonly<Record<StartKind, (key: Book, asked: Asked) => string[]>> = {
  everything: () => [],
  'company-only': (key) => [
    `The books of ${key.company.name} are empty. Set up its accounts, each at its place${withNumber(key)}.`,
    accountList(key),
    ...bookkeeping(key),
  ],
  'starter-chart': (key) => [
    `${key.company.name} begins with a starter chart. Change it into the chart that the company needs: add what is missing, rename, put under a parent, retire what is not needed. These are the accounts at the end.`,
    accountList(key),
    ...bookkeeping(key),
  ],
  accounts: (key) => [
    `The accounts of ${key.company.name} are set up. Keep its books.`,
    ...bookkeeping(key),
  ],
  'place-them': (key, { asksSides }) => [
    `${countOf(key)} of ${key.company.name} have no place yet: they wait in the tray. Put each where it belongs: on its statement, in its section, under its type.`,
    asksSides ? 'Say of each, too, on which side it normally stands: debit or credit.' : '',
  ],
  'number-them': (key) => [
    `${countOf(key)} of ${key.company.name} stand at their places, but have no numbers. Give each a number by the number plan.`,
    planTable(key),
  ],
  'mend-it': (key, { faults, seed }) => {
    const { planted } = plantFaults(key, faults, seed);
    const count = planted.length === 1 ? 'One fault is' : `${planted.length} faults are`;
    return [
      `${count} hidden in the books of ${key.company.name}: in names, numbers, places or opening balances. Find and mend what is wrong, and leave alone what is right.`,
    ];
  },
};

/**
 * The words an instructor can start from: what students are asked, as Markdown, with the names and amounts of the
 * key and nothing of its types, numbers or sides. Empty for *everything*, where only the instructor knows
 * what is to be done. A list that would make it longer than a brief may be is left out.
 */
export const proposedBrief = (
  key: Book,
  kind: StartKind,
  {
    planting,
    asksSides = false,
  }: { readonly planting: Planting; readonly asksSides?: boolean | undefined },
): string => described(PARTS[kind](key, { ...planting, asksSides }));

const bookkeeping = (key: Book): string[] => [openingTable(key), entryList(key)];

function countOf(key: Book): string {
  const { length } = key.accounts.filter((account) => !isKept(key, account));
  return length === 1 ? 'one account' : `${length} accounts`;
}

const described = (parts: readonly string[]): string =>
  parts.reduce((text, part) => {
    const longer = part === '' ? text : `${text}${text === '' ? '' : '\n'}${part}\n`;
    return longer.length > LONGEST ? text : longer;
  }, '');

const withNumber = (key: Book): string =>
  key.numberPlan ? ' and with a number that fits the plan' : '';

/** A name as Markdown shows it, whatever is in it. */
const plain = (text: string): string => text.replace(/[\\`*_[\]<>|#~]/g, '\\$&');

const inUse = (key: Book): Account[] => {
  const { compare } = collatorOf(key.company);
  return key.accounts.filter(({ retired }) => !retired).sort((a, b) => compare(a.name, b.name));
};

function accountList(key: Book): string {
  const names = inUse(key).filter((account) => !isKept(key, account));
  if (names.length === 0) return '';
  return ['**Accounts**\n', ...names.map(({ name }) => `- ${plain(name)}`)].join('\n');
}

const money = (key: Book, amounts: readonly number[]) => {
  const writing = writingOf(key.company);
  const places = allWhole(amounts, writing.digits) ? 0 : writing.digits;
  return (amount: number) => formatAmount(Math.abs(amount), writing, places);
};

function openingTable(key: Book): string {
  const opened = inUse(key).filter(({ id }) => openingOf(key, id) !== 0);
  if (opened.length === 0) return '';
  const amount = money(key, Object.values(key.opening.balances));
  return [
    `**Opening balances at ${saidOn(key, key.opening.date)}**\n`,
    '| Account | Amount |',
    '|---|---:|',
    ...opened.map(({ id, name }) => `| ${plain(name)} | ${amount(openingOf(key, id))} |`),
  ].join('\n');
}

/** Of what happened in several parts, how much each is: else nobody could know. */
function partsOf(lines: Entry['lines'], amount: (amount: number) => string): string {
  const sides = [lines.filter((line) => line.amount > 0), lines.filter((line) => line.amount < 0)];
  const parted = sides
    .filter((side) => side.length > 1)
    .map((side) => side.map((l) => amount(l.amount)));
  const texts = parted.map((side) => `${side.slice(0, -1).join(', ')} and ${side.at(-1) ?? ''}`);
  return texts.length === 0 ? '' : ` (${texts.join('; ')})`;
}

function entryList(key: Book): string {
  const entries = key.entries.filter(({ kind }) => kind !== 'opening');
  if (entries.length === 0) return '';
  const totals = entries.map(({ lines }) =>
    lines.reduce((sum, line) => sum + Math.max(0, line.amount), 0),
  );
  const amount = money(
    key,
    entries.flatMap(({ lines }) => lines.map((line) => line.amount)),
  );
  const dated = entries
    .map(({ date, text, reference, lines }, i) => ({
      date,
      says: `${plain(text || reference || 'an entry')}: ${amount(totals[i] ?? 0)}${partsOf(lines, amount)}`,
    }))
    .sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
  return ['**Record**\n', ...dated.map(({ date, says }) => `- ${saidOn(key, date)}, ${says}`)].join(
    '\n',
  );
}

function planTable(key: Book): string {
  const { rows } = planRows(key, false);
  if (rows.length === 0) return '';
  return [
    '| Band for | From | To |',
    '|---|---|---|',
    ...rows.map(({ cells }) => `| ${cells.map((cell) => plain(String(cell))).join(' | ')} |`),
  ].join('\n');
}
