import { accountLabel, accountOf, type Account, type Book } from '../book/book.js';
import { chartOf, NOT_PLACED, sectionIdOf } from '../book/place.js';
import type { Operation } from '../shapes/operation.js';
import { done, refusal, refused, type Result } from '../refusal/refusal.js';
import { numberAt, sectionOrder, siblingsIn, typeAt } from './places.js';

const atTheEnd = refusal(
  'place.at-the-end',
  (f: { name: string; end: string }) => `“${f.name}” stands ${f.end} already.`,
);
const nothingAbove = refusal(
  'place.nothing-above',
  (f: { name: string }) =>
    `No account stands above “${f.name}” in its section that it could be put under.`,
);
const noParent = refusal(
  'place.no-parent',
  (f: { name: string }) => `“${f.name}” stands under no other account.`,
);

export type Direction = 'up' | 'down';

/** A place among the siblings of a section: behind `after`, or first when that is null. */
export interface Place {
  readonly section: string;
  readonly parent: string | null;
  readonly after: string | null;
}

/**
 * The operation that moves an account to a place. In its own section the type stays; in another it becomes
 * the one that its name suggests there, as a guess unless it is called so. The number becomes a free one between the new neighbours.
 */
export function moveTo(book: Book, id: string, place: Place): Result<Operation> {
  const account = accountOf(book, id) as Account;
  const stays = sectionIdOf(book, account) === place.section;
  const { type, guessed } = stays ? account : typeAt(book, place.section, account.name);
  const others = siblingsIn(book, place.section, place.parent).filter((each) => each.id !== id);
  const at = others.findIndex((each) => each.id === place.after);
  const after = others[at] ?? null;
  const before = others[at + 1] ?? null;
  const { parent } = place;
  const number = numberAt(book, { type, parent, after, before }, id);
  if (!number.ok) return number;
  const index = number.value === null ? { index: indexBehind(book, id, { after, before }) } : {};
  return done({ kind: 'move-account', id, type, guessed, parent, number: number.value, ...index });
}

/** The position among all accounts that puts one behind another, where numbers don't order them. */
function indexBehind(
  book: Book,
  id: string,
  { after, before }: { readonly after: Account | null; readonly before: Account | null },
) {
  const others = book.accounts.filter((each) => each.id !== id);
  if (after) return others.indexOf(after) + 1;
  return before ? others.indexOf(before) : others.length;
}

/** Moves an account past its neighbour; past the end of its section it goes over into the next one. */
export function nudge(book: Book, id: string, direction: Direction): Result<Operation> {
  const account = accountOf(book, id) as Account;
  const section = sectionIdOf(book, account);
  const siblings = siblingsIn(book, section, account.parent);
  const at = siblings.findIndex((each) => each.id === id);
  const step = direction === 'up' ? -1 : 1;
  const waits = section === NOT_PLACED && direction === 'down';
  if (siblings[at + step] && !waits) {
    const after = direction === 'up' ? siblings[at - 2] : siblings[at + 1];
    return moveTo(book, id, { section, parent: account.parent, after: after?.id ?? null });
  }
  return account.parent === null
    ? overTheEdge(book, account, { section, step })
    : endOf(account, step);
}

function overTheEdge(
  book: Book,
  account: Account,
  { section, step }: { readonly section: string; readonly step: 1 | -1 },
) {
  const order = sectionOrder(book).filter((id) => id !== NOT_PLACED || id === section);
  const next = order[order.indexOf(section) + step];
  if (next === undefined || next === NOT_PLACED) return endOf(account, step);
  const tops = siblingsIn(book, next, null);
  const after = step === 1 ? null : (tops.at(-1)?.id ?? null);
  return moveTo(book, account.id, { section: next, parent: null, after });
}

const endOf = (account: Account, step: 1 | -1) =>
  refused(atTheEnd({ name: accountLabel(account), end: step === 1 ? 'last' : 'first' }));

/** Puts an account under the one above it, at the same depth. Type and number stay as they are. */
export function putUnder(book: Book, id: string): Result<Operation> {
  const account = accountOf(book, id) as Account;
  const siblings = siblingsIn(book, sectionIdOf(book, account), account.parent);
  const above = siblings[siblings.findIndex((each) => each.id === id) - 1];
  if (!above) return refused(nothingAbove({ name: accountLabel(account) }));
  return done(reparented(account, above.id));
}

/** Takes an account out from under its parent, one level up. Type and number stay as they are. */
export function takeOut(book: Book, id: string): Result<Operation> {
  const account = accountOf(book, id) as Account;
  const parent = accountOf(book, account.parent);
  if (!parent) return refused(noParent({ name: accountLabel(account) }));
  return done(reparented(account, parent.parent));
}

const reparented = ({ id, type, number }: Account, parent: string | null): Operation => ({
  kind: 'move-account',
  id,
  type,
  number,
  parent,
});

/** Places an account at another type: its number follows when the section changes, else it stays. */
export function placeAt(book: Book, id: string, type: string | null): Result<Operation> {
  const account = accountOf(book, id) as Account;
  const section = book.scheme.types.find((each) => each.id === type)?.section ?? NOT_PLACED;
  const { parent, number } = account;
  if (section === sectionIdOf(book, account))
    return done({ kind: 'move-account', id, type, guessed: false, parent, number });
  const after = siblingsIn(book, section, null).at(-1) ?? null;
  const free = numberAt(book, { type, parent: null, after, before: null }, id);
  if (!free.ok) return free;
  const at = free.value ?? number;
  return done({ kind: 'move-account', id, type, guessed: false, parent: null, number: at });
}

/** The accounts that one may be put under: of its section, not itself nor below it. */
export function possibleParents(book: Book, id: string): Account[] {
  const account = accountOf(book, id);
  if (!account) return [];
  const rows = chartOf(book).get(sectionIdOf(book, account)) ?? [];
  const at = rows.findIndex((row) => row.account.id === id);
  const depth = rows[at]?.depth ?? 0;
  let end = at + 1;
  while ((rows[end]?.depth ?? -1) > depth) end++;
  return rows.filter((_, i) => i < at || i >= end).map((row) => row.account);
}
