import type { Amount } from '../../model/money/amount.js';
import type { Scheme } from '../../model/scheme/scheme.js';
import { typesCalledSo } from '../../model/naming/called-so.js';
import { namesPlace, placeNamed } from './place-said.js';
import { isBlank, type RawRow } from './raw-rows.js';

/** What a row of a table is: an account, or something that is none. */
export type RowKind = 'account' | 'heading' | 'total' | 'nameless';

const TOTAL_NAMES: readonly RegExp[] = [
  /^(grand |sub-?\s?)?totals?\b/i,
  /\b(sub-?)?totals?:?$/i,
  /^(sum|check|balance check|difference|out of balance|control total)\b:?$/i,
  /^(gross|operating|trading) (profit|loss|margin|result|income)( or loss)?\b/i,
  /^(net )?(profit|loss|income|result|surplus|deficit|earnings)( \(?(or )?loss\)?)? (before|after|for|of) /i,
  /^net (profit|loss|income|result|earnings|assets|worth)( \(?loss\)?)?$/i,
  /^(total )?assets (less|minus) /i,
  /^(liabilities (and|&|\+) equity|equity (and|&|\+) liabilities|capital employed)$/i,
];

const isTotalName = (name: string): boolean => TOTAL_NAMES.some((each) => each.test(name.trim()));

/** An account of the same words as a total is told by its number. */
export interface KindsOptions {
  readonly scheme: Scheme;
  readonly hasNumbers: boolean;
  readonly hasAmounts: boolean;
  /** How long the longest account number is: groups have shorter ones. */
  readonly longestNumber: number;
  /** A row’s balance as far as it is known; null where none is written. */
  amount(row: RawRow): Amount | null;
}

/** Tells headings, totals and accounts apart: by their words, their numbers, their amounts and the sums of those around. */
export function kindsOf(rows: readonly RawRow[], options: KindsOptions): RowKind[] {
  const sums = new RunningSums();
  return rows.map((row, i) => {
    const kind = kindOf(row, rows[i + 1], { sums, options });
    const amount = options.amount(row) ?? 0;
    if (kind === 'account') sums.add(amount);
    else if (kind !== 'nameless') sums.begin();
    return kind;
  });
}

function kindOf(
  row: RawRow,
  next: RawRow | undefined,
  { sums, options }: { readonly sums: RunningSums; readonly options: KindsOptions },
): RowKind {
  const { number, name } = row;
  const blank = isBlank(row.balance) && isBlank(row.opening);
  const isWords = name === '' && blank && /\p{L}{2}/u.test(number) && !/\d/.test(number);
  if (isWords) return 'heading';
  if (number !== '' && blank && isGroup(row, options) && next !== undefined) return 'heading';
  if (number !== '') return name === '' ? 'nameless' : 'account';
  if (name === '')
    return blank ? 'nameless' : sums.isSum(options.amount(row)) ? 'total' : 'nameless';
  if (isTotalName(name)) return 'total';
  const isPlace = namesPlace(placeNamed(options.scheme, name));
  if (blank) {
    const standsOverSome = options.hasAmounts && options.hasNumbers && next !== undefined;
    const isHeading = row.cell('type').trim() === '' && (isPlace || standsOverSome);
    return isHeading ? 'heading' : 'account';
  }
  const isLikelyNone = isPlace || (options.hasNumbers && next !== undefined);
  if (isPlace && isFollowedByItsParts(row, next)) return 'heading';
  return isLikelyNone && sums.isSum(options.amount(row)) ? 'total' : 'account';
}

/** A row with a number of its own that names a section or a class, where the others have amounts. */
const isGroup = (row: RawRow, { scheme, hasAmounts, longestNumber }: KindsOptions): boolean =>
  hasAmounts &&
  row.name !== '' &&
  row.cell('type').trim() === '' &&
  namesPlace(placeNamed(scheme, row.name)) &&
  (row.number.length < longestNumber || typesCalledSo(scheme, row.name).size === 0);

/** A heading that carries the sum of what stands, indented, below it. */
const isFollowedByItsParts = (row: RawRow, next: RawRow | undefined): boolean =>
  next !== undefined && next.depth > row.depth;

/** The sums of the accounts since each heading: a total is one of them. */
class RunningSums {
  private since: Amount[] = [0];
  private counts: number[] = [0];

  add(amount: Amount): void {
    this.since = this.since.map((sum) => sum + amount);
    this.counts = this.counts.map((count) => count + 1);
  }

  begin(): void {
    this.since.push(0);
    this.counts.push(0);
  }

  /** Whether an amount is what two accounts or more add up to since some heading. */
  isSum(amount: Amount | null): boolean {
    if (amount === null) return false;
    return this.since.some((sum, i) => (this.counts[i] ?? 0) >= 2 && sum === amount);
  }
}
