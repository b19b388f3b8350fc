import {
  accountLabel,
  accountOf,
  type Account,
  type Book,
  type Entry,
} from '../../model/book/book.js';
import { faultsOfEntry, idTaken } from '../../model/book/book-faults.js';
import { dayText, firstYear, isDay, within, type DayOrder } from '../../model/day/calendar.js';
import { notADay } from '../../model/shapes/day.js';
import { LARGEST_AMOUNT } from '../../model/money/amount.js';
import { amountTooLarge, amountUnreadable } from '../../model/money/parse-amount.js';
import { done, refusal, refused, type Refusal } from '../../model/refusal/refusal.js';
import { partyOfLine } from '../../accounting/party/control-accounts.js';
import { type Change, type Rules, noNotices } from '../operation/operation.js';
import { orderIn } from '../../model/place/writing.js';

export const entryUnknown = refusal(
  'entry.unknown',
  (f: { id: string }) => `There is no entry “${f.id}” in this book. It may have been removed.`,
);
const entryOutsideYear = refusal(
  'entry.outside-year',
  (f: { date: string; from: string; to: string; days?: DayOrder }) =>
    `${dayText(f.date, f.days)} lies outside the financial year, ${dayText(f.from, f.days)} to ${dayText(f.to, f.days)}. Check the day.`,
);
const entryLocked = refusal(
  'entry.locked',
  (f: { date: string; until: string; days?: DayOrder }) =>
    `${dayText(f.date, f.days)} lies in a locked period: entries up to ${dayText(f.until, f.days)} stay as they are. Use a later day.`,
);
const entryBehindLock = refusal(
  'entry.behind-lock',
  (f: { date: string; until: string; days?: DayOrder }) =>
    `${dayText(f.date, f.days)} lies in a period that you locked up to ${dayText(f.until, f.days)}. For you, who build this company, it is done all the same; students can’t.`,
);
const entryFixed = refusal(
  'entry.fixed',
  () =>
    'In this exercise a recorded entry stays as it is. Record one that reverses it, then the right one.',
);
const accountHeads = refusal(
  'entry.account-heads',
  (f: { name: string }) =>
    `“${f.name}” only heads others and takes no entries of its own. Choose one of those under it.`,
);
const accountNotYet = refusal(
  'entry.account-not-yet',
  (f: { name: string; from: string; days?: DayOrder }) =>
    `“${f.name}” is in use from ${dayText(f.from, f.days)}. Choose a later day, or another account.`,
);
const entryMade = refusal('entry.made', (f: { by: 'document' | 'schedule' }) =>
  f.by === 'document'
    ? 'A document makes this entry. Change the document, and the entry follows.'
    : 'A schedule makes this entry. Change the schedule, and the entry follows.',
);
const accountRetired = refusal(
  'entry.account-retired',
  (f: { name: string }) =>
    `“${f.name}” is retired and takes no new entries. Bring it back, or choose another account.`,
);

const partyElsewhere = refusal(
  'entry.party-elsewhere',
  (f: { account: string }) =>
    `Whoever is named does not stand on “${f.account}”. Choose another account, or name nobody.`,
);

/** A line that names somebody whose debts stand on another account, or nobody who is there. */
const oddParties = (book: Book, { lines }: Entry): Refusal[] =>
  lines.flatMap((line, i) => {
    if (line.party === undefined || partyOfLine(book, line) !== null) return [];
    const account = accountOf(book, line.account);
    const name = account ? accountLabel(account) : line.account;
    return [partyElsewhere({ account: name }, `lines[${i}].party`)];
  });

/** Why an entry cannot be recorded; `restores`: it stood there before. */
export function refusalsOf(
  book: Book,
  entry: Entry,
  { rules, restores = false }: { readonly rules: Rules; readonly restores?: boolean | undefined },
): Refusal[] {
  if (!isDay(entry.date)) return [notADay({ text: entry.date }, 'date')];
  const shut = restores ? [] : onShut(book, entry);
  const odd = [...oddAmounts(entry), ...(restores ? [] : oddParties(book, entry))];
  const refusals = [...faultsOfEntry(book, entry), ...odd, ...shut];
  return rules.by === 'student' ? [...refusals, ...oddDay(book, entry, rules)] : refusals;
}

/** A day that a student may not use, and that an author is told of. */
export const oddDay = (
  book: Book,
  entry: Pick<Entry, 'date' | 'kind'>,
  { by }: Pick<Rules, 'by'>,
): Refusal[] => [
  ...outsideYear(book, entry),
  ...lockedOn(book, entry.date, by === 'student' ? entryLocked : entryBehindLock),
];

function lockedOn({ locked, company }: Book, date: string, described = entryLocked): Refusal[] {
  return locked === undefined || date > locked
    ? []
    : [described({ date, until: locked, ...orderIn(company) }, 'date')];
}

function oddAmounts(entry: Entry): Refusal[] {
  return entry.lines.flatMap((line, i) => {
    const at = `lines[${i}].amount`;
    if (!Number.isInteger(line.amount))
      return [amountUnreadable({ text: String(line.amount) }, at)];
    return Math.abs(line.amount) > LARGEST_AMOUNT
      ? [amountTooLarge({ text: String(line.amount) }, at)]
      : [];
  });
}

/** A retired account takes no new entries (but what it still holds can be closed), nor does one that only heads others. */
function onShut(book: Book, entry: Entry): Refusal[] {
  const before = new Set(
    book.entries.find((each) => each.id === entry.id)?.lines.map((line) => line.account),
  );
  return entry.lines.flatMap((line, i) => {
    const account = accountOf(book, line.account);
    return account && !before.has(account.id)
      ? whyShut(book, account, { ...entry, at: `lines[${i}].account` })
      : [];
  });
}

function whyShut(
  { company }: Book,
  account: Account,
  { kind, date, at }: Entry & { readonly at: string },
): Refusal[] {
  const name = accountLabel(account);
  if (account.retired && kind !== 'closing') return [accountRetired({ name }, at)];
  if (account.headsOnly) return [accountHeads({ name }, at)];
  const { usedFrom } = account;
  return usedFrom !== null && date < usedFrom
    ? [accountNotYet({ name, from: usedFrom, ...orderIn(company) }, at)]
    : [];
}

function outsideYear(book: Book, entry: Pick<Entry, 'date' | 'kind'>): Refusal[] {
  const year = firstYear(book.company.firstDay);
  if (entry.kind === 'opening' || within(year, entry.date)) return [];
  return [entryOutsideYear({ date: entry.date, ...year, ...orderIn(book.company) }, 'date')];
}

/** An entry that is locked stays as it is, for a student. */
export const lockedBefore = (book: Book, entry: Entry, rules: Rules): Refusal[] =>
  rules.by === 'student' ? lockedOn(book, entry.date) : [];

/** What a document or a schedule makes is changed there. */
const madeElsewhere = ({ document, schedule }: Entry): Refusal[] =>
  document === undefined && schedule === undefined
    ? []
    : [entryMade({ by: document === undefined ? 'schedule' : 'document' }, 'id')];

/** Where an entry comes to stand that a person enters: before those that the program makes. */
const behindEntered = ({ entries }: Book): number =>
  entries.findLastIndex((each) => madeElsewhere(each).length === 0) + 1;

/** Records a balanced entry. Outside the financial year: refused for a student, pointed out to an author. */
export const recordEntry: Change<'record-entry'> = {
  apply(book, { entry, index, restores }, rules) {
    if (book.entries.some((each) => each.id === entry.id))
      return refused(idTaken({ id: entry.id }, 'id'));
    const refusals = [...madeElsewhere(entry), ...refusalsOf(book, entry, { rules, restores })];
    if (refusals.length > 0) return refused(...refusals);
    const entries = [...book.entries];
    entries.splice(index ?? behindEntered(book), 0, entry);
    return done({
      book: { ...book, entries },
      inverse: { kind: 'remove-entry', id: entry.id },
      notices: () => oddDay(book, entry, rules),
    });
  },
};

export const changeEntry: Change<'change-entry'> = {
  apply(book, { entry, restores }, rules) {
    const before = book.entries.find((each) => each.id === entry.id);
    if (!before) return refused(entryUnknown({ id: entry.id }, 'id'));
    if (!rules.entriesMayChange) return refused(entryFixed({}, 'id'));
    const refusals = [
      ...madeElsewhere(before),
      ...madeElsewhere(entry),
      ...lockedBefore(book, before, rules),
      ...refusalsOf(book, entry, { rules, restores }),
    ];
    if (refusals.length > 0) return refused(...refusals);
    const entries = book.entries.map((each) => (each.id === entry.id ? entry : each));
    return done({
      book: { ...book, entries },
      inverse: { kind: 'change-entry', entry: before, restores: true },
      notices: () => oddDay(book, entry, rules),
    });
  },
};

export const removeEntry: Change<'remove-entry'> = {
  apply(book, { id }, rules) {
    const index = book.entries.findIndex((each) => each.id === id);
    const entry = book.entries[index];
    if (!entry) return refused(entryUnknown({ id }, 'id'));
    if (!rules.entriesMayChange) return refused(entryFixed({}, 'id'));
    const locked = [...madeElsewhere(entry), ...lockedBefore(book, entry, rules)];
    if (locked.length > 0) return refused(...locked);
    return done({
      book: { ...book, entries: book.entries.filter((each) => each !== entry) },
      inverse: { kind: 'record-entry', entry, index, restores: true },
      notices: noNotices,
    });
  },
};
