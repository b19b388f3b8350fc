import { account, type Account, type Entry } from '@gleddo/core';
import type { Chance } from './chance.js';
import { otherwise, restyled, shortened, slipped } from './wordings.js';
import type { Making } from './work.js';

/** One way in which a work may differ from the key without being wrong. */
type Harmless = (making: Making, chance: Chance) => void;

/** Names in other words, cut short, slipped or written otherwise. */
const names: Harmless = (making, chance) => {
  for (const { id, name } of making.accounts) {
    if (!chance.happens(0.3)) continue;
    const made = chance.oneOf([
      otherwise(name, chance),
      otherwise(name, chance),
      shortened(name),
      slipped(name, chance),
      restyled(name, chance),
    ]);
    if (made === null || made.length > 120) continue;
    making.change(id, { name: made });
    making.harmless.push(`${name} → ${made}`);
  }
};

/** Every number a little further on, or none as in the key. */
const numbers: Harmless = (making, chance) => {
  if (!chance.happens(0.3)) return;
  making.accounts = making.accounts.map((each) => {
    if (each.number === null || !/^\d+$/.test(each.number)) return each;
    const next = String(Number(each.number) + 3);
    return { ...each, number: next };
  });
  making.harmless.push('numbers moved on');
};

/** Opening balances by an entry: of the kind opening, or a general one on the first day. */
const openingByEntry: Harmless = (making, chance) => {
  if (!chance.happens(0.3)) return;
  const isGeneral = chance.happens(0.5);
  const lines = Object.entries(making.balances).map(([id, amount]) => ({ account: id, amount }));
  if (lines.reduce((sum, { amount }) => sum + amount, 0) !== 0 || lines.length < 2) return;
  const entry: Entry = {
    id: 'opened',
    date: isGeneral ? making.key.book.company.firstDay : making.openingDate,
    kind: isGeneral ? 'general' : 'opening',
    reference: '',
    text: 'Balances brought forward',
    lines,
  };
  making.balances = {};
  making.entries = [entry, ...making.entries];
  making.harmless.push(`opened by an entry (${entry.kind})`);
};

/** An entry of two lines in two parts. */
const splitEntries: Harmless = (making, chance) => {
  for (const { id } of chance.shuffled(making.entries).slice(0, 3)) {
    if (id.endsWith('-again') || !chance.happens(0.4) || !making.take(`entry ${id}`)) continue;
    making.changeEntry(id, (entry) => {
      const [one, other] = entry.lines;
      if (entry.lines.length !== 2 || !one || !other || Math.abs(one.amount) < 1000) return [entry];
      const part = Math.round(one.amount * 0.4);
      making.harmless.push(`entry ${id} split`);
      return [part, one.amount - part].map((amount, i) => ({
        ...entry,
        id: `${id}-${i}`,
        lines: [
          { ...one, amount },
          { ...other, amount: -amount },
        ],
      }));
    });
  }
};

/** Two entries of one day in one. */
const joinEntries: Harmless = (making, chance) => {
  if (!chance.happens(0.3)) return;
  for (const one of chance.shuffled(making.entries)) {
    const other = making.entries.find(
      (each) => each.id !== one.id && each.date === one.date && each.kind === one.kind,
    );
    if (!other || [one, other].some(({ id }) => id === 'opened' || id.endsWith('-again'))) continue;
    if (!making.take(`entry ${one.id}`, `entry ${other.id}`)) continue;
    making.entries = making.entries.filter((each) => each !== other);
    making.changeEntry(one.id, (entry) => [{ ...entry, lines: [...entry.lines, ...other.lines] }]);
    making.harmless.push(`entries ${one.id} and ${other.id} joined`);
    return;
  }
};

const isPlain = (making: Making, { id, parent }: Account): boolean =>
  parent === null && !making.accounts.some((each) => each.parent === id);

/** An account in two of the same type, its entries on the one or the other. */
const splitAccount: Harmless = (making, chance) => {
  if (!chance.happens(0.3)) return;
  for (const of of chance.shuffled(making.accounts)) {
    const { id, type, name } = of;
    const entries = making.postingsOf(id).filter((each) => each.id !== 'opened');
    if (!isPlain(making, of) || entries.length < 2 || type === 'retained-earnings') continue;
    if (!making.take(`account ${id}`, ...entries.map((each) => `entry ${each.id}`))) continue;
    const second = `${id}-two`;
    const number = of.number === null ? null : String(Number(of.number) + 1);
    if (making.accounts.some((each) => each.number === number)) continue;
    making.accounts = [...making.accounts, account(second, `${name}, other`, { type, number })];
    const moved = new Set(entries.filter((_, i) => i % 2 === 1).map((each) => each.id));
    making.entries = making.entries.map((each) =>
      moved.has(each.id)
        ? {
            ...each,
            lines: each.lines.map((line) =>
              line.account === id ? { ...line, account: second } : line,
            ),
          }
        : each,
    );
    making.stands.set(second, [id]);
    making.harmless.push(`${name} split in two`);
    return;
  }
};

/** Two accounts of the same type in one that is called by both. */
const joinAccounts: Harmless = (making, chance) => {
  if (!chance.happens(0.3)) return;
  for (const one of chance.shuffled(making.accounts)) {
    const isWhole = ({ id }: Account) =>
      making.stands.get(id)?.length === 1 && !id.endsWith('-two');
    const other = making.accounts.find(
      (each) =>
        each.id !== one.id && each.type === one.type && isPlain(making, each) && isWhole(each),
    );
    if (
      !other ||
      !isWhole(one) ||
      !isPlain(making, one) ||
      one.type === null ||
      one.type === 'owner-capital'
    )
      continue;
    const entries = [...making.postingsOf(one.id), ...making.postingsOf(other.id)];
    if (!making.take(`account ${one.id}`, `account ${other.id}`)) continue;
    for (const each of entries) making.touched.add(`entry ${each.id}`);
    const name = `${one.name} and ${other.name.toLowerCase()}`;
    making.change(one.id, { name });
    making.give(other.id, one.id);
    making.stands.set(one.id, [one.id, other.id]);
    making.harmless.push(`${name}: two in one`);
    return;
  }
};

/** What is used up is an expense at once, and what is left is moved to prepaid at the end. */
const expensedFirst: Harmless = (making, chance) => {
  if (!chance.happens(0.5)) return;
  for (const use of making.entries) {
    const from = use.lines.find(
      ({ account: id, amount }) => amount < 0 && typeOf(making, id) === 'prepayment',
    );
    const to = use.lines.find(({ amount }) => amount > 0);
    if (!from || !to || use.lines.length !== 2) continue;
    const paid = making.entries.find(({ lines }) =>
      lines.some(({ account: id, amount }) => id === from.account && amount > -from.amount),
    );
    if (!paid || !making.take(`entry ${use.id}`, `entry ${paid.id}`)) continue;
    const whole = paid.lines.find(({ account: id }) => id === from.account)?.amount ?? 0;
    making.changeEntry(paid.id, (entry) => [
      {
        ...entry,
        lines: entry.lines.map((line) =>
          line.account === from.account ? { ...line, account: to.account } : line,
        ),
      },
    ]);
    const left = whole + from.amount;
    making.changeEntry(use.id, (entry) => [
      {
        ...entry,
        text: 'What is left, paid ahead',
        lines: [
          { account: from.account, amount: left },
          { account: to.account, amount: -left },
        ],
      },
    ]);
    making.harmless.push(`${use.id}: an expense first, the rest prepaid`);
    return;
  }
};

const typeOf = (making: Making, id: string): string | null =>
  making.accounts.find((each) => each.id === id)?.type ?? null;

/** An accrual of the opening balances is reversed on the first day, and its payment is an expense. */
const reversedFirst: Harmless = (making, chance) => {
  if (!chance.happens(0.4)) return;
  for (const paid of making.entries) {
    const owed = paid.lines.find(
      ({ account: id, amount }) => amount > 0 && typeOf(making, id) === 'wages-payable',
    );
    const expense = making.accounts.find((each) => each.type === 'staff');
    if (!owed || !expense || making.balances[owed.account] !== -owed.amount) continue;
    if (!making.take(`entry ${paid.id}`)) continue;
    making.changeEntry(paid.id, (entry) => [
      {
        ...entry,
        id: `${entry.id}-reversed`,
        date: making.key.book.company.firstDay,
        kind: 'adjusting',
        text: 'Accrual reversed',
        lines: [owed, { account: expense.id, amount: -owed.amount }],
      },
      {
        ...entry,
        lines: entry.lines.map((line) => (line === owed ? { ...line, account: expense.id } : line)),
      },
    ]);
    making.harmless.push('accrual reversed on the first day');
    return;
  }
};

/** The closing goes through an account for the result, which ends at nothing. */
const throughSummary: Harmless = (making, chance) => {
  const closing = making.entries.find(({ kind }) => kind === 'closing');
  const kept = closing?.lines.find(({ account: id }) => typeOf(making, id) === 'retained-earnings');
  if (!closing || !kept || !chance.happens(0.5) || !making.take(`entry ${closing.id}`)) return;
  const id = 'summary';
  making.accounts = [
    ...making.accounts,
    account(id, 'Income summary', { type: 'income-summary', number: '3900' }),
  ];
  making.changeEntry(closing.id, (entry) => [
    {
      ...entry,
      lines: entry.lines.map((line) => (line === kept ? { ...line, account: id } : line)),
    },
    { ...entry, id: `${entry.id}-kept`, lines: [kept, { account: id, amount: -kept.amount }] },
  ]);
  making.harmless.push('closed through an income summary');
};

/** Another order, other texts, other ids. */
const order: Harmless = (making, chance) => {
  making.entries = chance.shuffled(making.entries).map((entry) => ({
    ...entry,
    text: chance.happens(0.3) ? '' : entry.text,
    reference: '',
  }));
  making.accounts = chance.shuffled(making.accounts);
};

export const HARMLESS: readonly Harmless[] = [
  expensedFirst,
  reversedFirst,
  throughSummary,
  splitAccount,
  joinAccounts,
  splitEntries,
  joinEntries,
  numbers,
  names,
  openingByEntry,
  order,
];
