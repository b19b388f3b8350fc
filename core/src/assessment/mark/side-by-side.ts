import type { Account, Book } from '../../model/book/book.js';
import type { Period } from '../../model/day/calendar.js';
import { NOT_PLACED, rankInChart, sectionIdOf } from '../../model/book/place.js';
import type { PairedIds } from '../key/paired-entries.js';
import { balancesOf, statementAccounts, upTo } from '../../accounting/ledger/balances.js';
import { sum, type Amount } from '../../model/money/amount.js';
import { sectionById, statementOfClass, type StatementId } from '../../model/scheme/scheme.js';
import { sectionSign } from '../../accounting/statement/section-figures.js';

/**
 * `together`: both stand here. `wrong-place`: theirs stands here, and belongs elsewhere. `belongs-here`:
 * the key has it here; theirs stands elsewhere or is missing. `extra`: stands for none of the key's.
 */
type RowKind = 'together' | 'wrong-place' | 'belongs-here' | 'extra';

export interface SideRow {
  readonly kind: RowKind;
  readonly works: readonly Account[];
  readonly keys: readonly Account[];
  /** In the section's sign; null where nothing of that side stands here. */
  readonly theirs: Amount | null;
  readonly wanted: Amount | null;
}

export interface SideSection {
  readonly id: string;
  readonly name: string;
  readonly statement: StatementId;
  readonly rows: readonly SideRow[];
}

interface Side {
  readonly book: Book;
  /** Balances at the end of the period, for the balance sheet. */
  readonly standing: ReadonlyMap<string, Amount>;
  /** Movements of the period, for profit and loss. */
  readonly moved: ReadonlyMap<string, Amount>;
  readonly accounts: readonly Account[];
}

const sideOf = (book: Book, period: Period): Side => {
  const standing = balancesOf(book, upTo(period.to));
  const moved = balancesOf(book, { ...period, closing: false, opening: true });
  return { book, standing, moved, accounts: statementAccounts(book, standing) };
};

/**
 * A work's statements beside the key's, account by account, in the key's order: what is recognised stands
 * on one row where both have it in the same section, and on two rows where they don't. Figures are those of
 * the two statements: standing at the end of the period, or moved in it.
 */
export function sideBySide(
  key: Book,
  work: Book,
  { pairs, period }: { readonly pairs: readonly PairedIds[]; readonly period: Period },
): SideSection[] {
  const ofKey = sideOf(key, period);
  const ofWork = sideOf(work, period);
  const rows = pairedRows(ofKey, ofWork, pairs);
  const sections = [...key.scheme.sections.map((each) => each.id), NOT_PLACED];
  return sections.flatMap((id): SideSection[] => {
    const section = sectionById(key.scheme, id);
    const here = rows.filter((row) => row.section === id).map((row) => row.row);
    if (!section && here.length === 0) return [];
    return [
      {
        id,
        name: section?.name ?? 'Not placed',
        statement: section ? statementOfClass(section.class) : 'balance-sheet',
        rows: sorted(key, work, here),
      },
    ];
  });
}

interface PlacedRow {
  readonly section: string;
  readonly row: SideRow;
}

function pairedRows(ofKey: Side, ofWork: Side, pairs: readonly PairedIds[]): PlacedRow[] {
  const paired = new Set(
    pairs.flatMap((pair) => [...pair.keys, ...pair.works.map((id) => `w ${id}`)]),
  );
  const alone = [
    ...ofKey.accounts
      .filter(({ id }) => !paired.has(id))
      .map(({ id }) => ({ keys: [id], works: [] })),
    ...ofWork.accounts
      .filter(({ id }) => !paired.has(`w ${id}`))
      .map(({ id }) => ({ keys: [], works: [id] })),
  ];
  return [...pairs, ...alone].flatMap((pair) => rowsOfPair(ofKey, ofWork, pair));
}

const chosen = (side: Side, ids: readonly string[]): Account[] =>
  side.accounts.filter((account) => ids.includes(account.id));

function rowsOfPair(ofKey: Side, ofWork: Side, pair: PairedIds): PlacedRow[] {
  const keys = chosen(ofKey, pair.keys);
  const works = chosen(ofWork, pair.works);
  const places = new Set([
    ...keys.map((account) => sectionIdOf(ofKey.book, account)),
    ...works.map((account) => placeOfWork(ofKey.book, ofWork.book, account)),
  ]);
  return [...places].map((section) => {
    const keysHere = keys.filter((account) => sectionIdOf(ofKey.book, account) === section);
    const worksHere = works.filter(
      (account) => placeOfWork(ofKey.book, ofWork.book, account) === section,
    );
    const row: SideRow = {
      kind: kindOf(keysHere.length, worksHere.length, keys.length),
      keys: keysHere.length > 0 ? keysHere : keys,
      works: worksHere.length > 0 ? worksHere : works,
      theirs:
        worksHere.length > 0 ? figure(ofKey.book, ofWork, { section, accounts: worksHere }) : null,
      wanted:
        keysHere.length > 0 ? figure(ofKey.book, ofKey, { section, accounts: keysHere }) : null,
    };
    return { section, row };
  });
}

function kindOf(keysHere: number, worksHere: number, keys: number): RowKind {
  if (keys === 0) return 'extra';
  if (worksHere === 0) return 'belongs-here';
  return keysHere === 0 ? 'wrong-place' : 'together';
}

/** The section of the key's scheme where a work's account stands; schemes may name different sections. */
function placeOfWork(key: Book, work: Book, account: Account): string {
  const id = sectionIdOf(work, account);
  return sectionById(key.scheme, id) ? id : NOT_PLACED;
}

function figure(
  key: Book,
  side: Side,
  { section, accounts }: { readonly section: string; readonly accounts: readonly Account[] },
): Amount {
  const of = sectionById(key.scheme, section);
  const sign = of ? sectionSign(of.class) : 1;
  const isProfit = of !== null && statementOfClass(of.class) === 'profit-and-loss';
  const balances = isProfit ? side.moved : side.standing;
  const total = sum(accounts.map((account) => balances.get(account.id) ?? 0));
  return total === 0 ? 0 : sign * total;
}

/** In the key's order; what only the work has comes where its own number puts it, else last. */
function sorted(key: Book, work: Book, rows: readonly SideRow[]): SideRow[] {
  const shown = rows.filter((row) => !retiredAndEmpty(row));
  const place = (row: SideRow): [number, string] => {
    const here = row.wanted !== null ? row.keys[0] : null;
    if (here) return [rankInChart(key).get(here.id) ?? Infinity, ''];
    const number = row.works[0]?.number ?? null;
    return [
      rankByNumber(key, number),
      number ?? `~${rankInChart(work).get(row.works[0]?.id ?? '')}`,
    ];
  };
  const placed = shown.map((row) => ({ row, at: place(row) }));
  placed.sort((a, b) => a.at[0] - b.at[0] || (a.at[1] < b.at[1] ? -1 : 1));
  return placed.map(({ row }) => row);
}

/** Behind the last account of the key whose number is not above this one. */
function rankByNumber(key: Book, number: string | null): number {
  if (number === null) return Infinity;
  let rank = -0.5;
  for (const account of key.accounts)
    if (
      account.number !== null &&
      account.number.length === number.length &&
      account.number <= number
    )
      rank = Math.max(rank, (rankInChart(key).get(account.id) ?? -1) + 0.5);
  return rank;
}

const retiredAndEmpty = (row: SideRow): boolean =>
  [...row.keys, ...row.works].every((account) => account.retired) &&
  (row.theirs ?? 0) === 0 &&
  (row.wanted ?? 0) === 0;
