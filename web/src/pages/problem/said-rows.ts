import { formatDecimal, parseAmount, type Proposal, type SaidLine } from '@gleddo/core';

/** A line as it is typed. */
export interface Row {
  readonly name: string;
  readonly type: string | null;
  readonly debit: string;
  readonly credit: string;
}

export const EMPTY: Row = { name: '', type: null, debit: '', credit: '' };

/** All lines of a sentence’s entries as they can be typed over; two empty ones where it has none. */
export function rowsOf(proposal: Proposal, at: number): Row[] {
  const lines = proposal.sentences[at]?.entries.flatMap((entry) => entry.lines) ?? [];
  const rows = lines.map(({ account, amount }): Row => ({
    ...{ name: account.name, type: account.type },
    debit: amount > 0 ? formatDecimal(amount, 2) : '',
    credit: amount < 0 ? formatDecimal(-amount, 2) : '',
  }));
  return rows.length > 0 ? rows : [EMPTY, EMPTY];
}

/** The account of a name, whatever its capital letters. */
export const accountNamed = ({ accounts }: Proposal, name: string) =>
  accounts.find((each) => each.name.toLowerCase() === name.trim().toLowerCase());

interface Read {
  readonly lines: SaidLine[];
  /** Accounts that are new. */
  readonly added: { readonly name: string; readonly type: string }[];
  /** Other types of accounts that are there. */
  readonly types: Record<string, string>;
  readonly fault: string | null;
}

const amountOf = (text: string) =>
  text.trim() === '' ? null : parseAmount(text, { digits: 2, decimal: '.' });

/** What is wrong with a line by itself; null: nothing. */
function faultOfRow({ name, type, debit, credit }: Row): string | null {
  for (const amount of [amountOf(debit), amountOf(credit)])
    if (amount?.ok === false) return amount.refusals[0]?.says ?? 'This is no amount.';
  if (name.trim() === '') return 'Name the account of each amount.';
  return type === null ? `Choose the type of “${name.trim()}”: it is new here.` : null;
}

const minor = (text: string): number => {
  const amount = amountOf(text);
  return amount?.ok ? amount.value : 0;
};

const isUntouched = ({ name, debit, credit }: Row): boolean =>
  [name, debit, credit].every((text) => text.trim() === '');

/** The rows as lines of an entry; or what is still missing. */
export function readRows(rows: readonly Row[], proposal: Proposal): Read {
  const typed = rows.filter((row) => !isUntouched(row));
  const read: Omit<Read, 'fault'> = { lines: [], added: [], types: {} };
  for (const row of typed) {
    const known = accountNamed(proposal, row.name);
    const name = known?.name ?? row.name.trim();
    const type = row.type ?? '';
    const isThere = known ?? read.added.find((each) => each.name === name);
    if (!isThere) read.added.push({ name, type });
    else if (known && known.type !== type) read.types[name] = type;
    read.lines.push({ account: name, amount: minor(row.debit) - minor(row.credit) });
  }
  const fault = typed.map(faultOfRow).find((each) => each !== null) ?? faultOfSum(read.lines);
  return { ...read, fault };
}

function faultOfSum(lines: readonly SaidLine[]): string | null {
  if (lines.filter(({ amount }) => amount !== 0).length < 2)
    return 'An entry moves at least two accounts.';
  const sum = lines.reduce((total, { amount }) => total + amount, 0);
  const side = sum > 0 ? 'debit' : 'credit';
  return sum === 0 ? null : `${formatDecimal(Math.abs(sum), 2)} more in ${side}.`;
}
