import { headingOf } from './headings.js';
import { looksAmount } from './column-content.js';

type Cells = readonly (readonly string[])[];

const filled = (row: readonly string[]): string[] => row.filter((cell) => cell.trim() !== '');

/** The row in which the headings of the left half come again on the right; -1 where there is none. */
function rowOfTwins(cells: Cells): number {
  return cells.slice(0, 30).findIndex((row) => {
    const half = row.length / 2;
    if (!Number.isInteger(half) || half < 2 || filled(row).length < 4) return false;
    const [left, right] = [row.slice(0, half), row.slice(half)].map((side) =>
      side.map((cell) => cell.trim().toLowerCase()),
    );
    const kinds = row.slice(0, half).map(headingOf);
    return (
      left?.join('|') === right?.join('|') &&
      kinds.some(({ kind }) => kind === 'name' || kind === 'number')
    );
  });
}

/** Two lists side by side, one under the other; where titles above say debit and credit, in two columns of amounts. */
function fromTwins(cells: Cells, at: number): string[][] {
  const head = cells[at] ?? [];
  const half = head.length / 2;
  const titles = cells[at - 1] ?? [];
  const sideOf = (from: number) =>
    titles
      .slice(from, from + half)
      .map((cell) => headingOf(cell).side)
      .find(Boolean);
  const isSided = sideOf(0) === 'debit' && sideOf(half) === 'credit';
  const amount = head.slice(0, half).findIndex((cell) => headingOf(cell).side !== null);
  const side = (from: number, isCredit: boolean) =>
    cells.slice(at + 1).flatMap((row) => {
      const part = Array.from({ length: half }, (_, i) => row[from + i] ?? '');
      if (filled(part).length === 0) return [];
      const value = part[amount] ?? '';
      const rest = part.filter((_, i) => i !== amount);
      return [isSided ? [...rest, isCredit ? '' : value, isCredit ? value : ''] : part];
    });
  const heads = head.slice(0, half);
  const first = isSided ? [...heads.filter((_, i) => i !== amount), 'Debit', 'Credit'] : [...heads];
  return [first, ...side(0, false), ...side(half, true)];
}

const BLOCK = /^(?:ledger )?(?:account|a\/c)(?: no\.?| number)?\b[ .:]/i;
const CARRIED = /\b(?:totals?|carried|c\/[dfo])\b/i;
/** From so many accounts on, blocks are those of a ledger. */
const LEAST_BLOCKS = 3;

/** The number and the name in the line that begins an account of a ledger: `Account: 1010 Bank`. */
function blockHead(row: readonly string[]): { number: string; name: string } | null {
  const [first = '', ...others] = filled(row).map((cell) => cell.trim());
  if (others.length > 0 || !BLOCK.test(`${first} `)) return null;
  const words = first
    .replace(BLOCK, '')
    .split(/[ :]/)
    .filter((word) => !/^[-–:]?$/.test(word));
  const [number = ''] = words;
  const name = (/\d/.test(number) ? words.slice(1) : words).join(' ');
  return name === '' ? null : { number: /\d/.test(number) ? number : '', name };
}

interface Block {
  readonly number: string;
  readonly name: string;
  readonly rows: readonly (readonly string[])[];
}

function blocksOf(cells: Cells): Block[] {
  const heads = cells.flatMap((row, at) => {
    const found = blockHead(row);
    return found ? [{ at, ...found }] : [];
  });
  return heads.map(({ at, number, name }, i) => ({
    ...{ number, name },
    rows: cells.slice(at + 1, heads[i + 1]?.at ?? cells.length),
  }));
}

/** The rows of a ledger: each line of each account with its debit and credit, under the account’s own name. */
function fromBlocks(blocks: readonly Block[]): string[][] {
  const head =
    blocks[0]?.rows.find(
      (row) => row.map(headingOf).filter(({ side }) => side !== null).length > 1,
    ) ?? [];
  const [debit, credit] = (['debit', 'credit'] as const).map((side) =>
    head.findIndex((cell) => headingOf(cell).side === side),
  );
  if (debit === undefined || credit === undefined || debit < 0 || credit < 0) return [];
  const lines = blocks.map(({ number, name, rows }) => {
    const amounts = (at: number) =>
      rows
        .filter((row) => !row.some((cell) => CARRIED.test(cell)))
        .map((row) => row[at] ?? '')
        .filter(looksAmount);
    return { number, name, debits: amounts(debit), credits: amounts(credit) };
  });
  // One account that moved more than once can’t be added up here without knowing how amounts are written.
  if (lines.some(({ debits, credits }) => debits.length + credits.length > 1)) return [];
  return [
    ['No.', 'Account', 'Debit', 'Credit'],
    ...lines.map(({ number, name, debits, credits }) => [
      number,
      name,
      debits[0] ?? '',
      credits[0] ?? '',
    ]),
  ];
}

/** A table of accounts as one list, whatever it was laid out as: two lists side by side, the blocks of a ledger. */
export function oneList(cells: Cells): Cells {
  const at = rowOfTwins(cells);
  if (at >= 0) return fromTwins(cells, at);
  const blocks = blocksOf(cells);
  const list = blocks.length >= LEAST_BLOCKS ? fromBlocks(blocks) : [];
  return list.length > 0 ? list : cells;
}
