type Row = readonly string[];

/** Without blanks: the part before the decimal comma of an amount, and two digits with what may stand behind them. */
const WHOLE = /^[-+−(]?(?:[€£$]|[A-Z]{3})?-?\d{1,3}(?:(?:[.’']\d{3})+|\d*)$/;
const CENTS = /^\d\d\)?(?:-|[€£$]|[A-Z]{3}|(?:DR|CR|S|H)\.?)?$/i;

const isLike = (form: RegExp, cell = ''): boolean => form.test(cell.replace(/\s/g, ''));

const hasDigit = (cell: string): boolean => /\d/.test(cell);

/** How many columns there are: as many as the first row names that has words alone. */
function columnsNamed(
  rows: readonly Row[],
): { readonly at: number; readonly count: number } | null {
  const at = rows.findIndex((row) => row.filter((cell) => cell.trim() !== '').length > 1);
  const row = rows[at];
  return row && !row.some(hasDigit) ? { at, count: row.length } : null;
}

/** Where a whole part and its two decimals stand in two cells, from the right: at the left stand numbers of accounts. */
function partedAt(row: Row): number[] {
  const found: number[] = [];
  for (let i = row.length - 2; i >= 0; i--)
    if (isLike(WHOLE, row[i]) && isLike(CENTS, row[i + 1])) found.push(i--);
  return found;
}

function joined(row: Row, at: readonly number[]): string[] {
  const first = new Set(at);
  const second = new Set(at.map((i) => i + 1));
  return row.flatMap((cell, i) =>
    second.has(i) ? [] : [first.has(i) ? `${cell},${row[i + 1] ?? ''}` : cell],
  );
}

interface Long {
  readonly row: Row;
  readonly at: readonly number[];
}

/** Whether two cells can be nothing but an amount: its thousands are grouped, or its decimals begin with a nought. */
const isPlain = ({ row, at }: Long): boolean =>
  at.some((i) => /[.’']\d{3}/.test(row[i] ?? '') || /^\s*0\d/.test(row[i + 1] ?? ''));

/**
 * Rows that commas part, where amounts have a decimal comma and no quotation marks, so that each fell into two cells: put together
 * again where the heading says how many columns there are, each row that is too long has so many amounts, and one of these is
 * plainly one. Else they stay as they are: a column without a heading may hold numbers of two digits.
 */
export function withDecimalCommas(rows: readonly Row[]): readonly Row[] {
  const heading = columnsNamed(rows);
  if (!heading) return rows;
  const body = rows.slice(heading.at + 1);
  const long = body
    .filter((row) => row.length > heading.count)
    .map((row) => ({ row, over: row.length - heading.count, at: partedAt(row) }));
  if (!long.some(isPlain) || long.some(({ over, at }) => at.length < over)) return rows;
  const from = Math.min(...long.flatMap(({ over, at }) => at.slice(0, over)));
  const made = body.map((row) => {
    const over = row.length - heading.count;
    const at = partedAt(row);
    return joined(row, over > 0 ? at.slice(0, over) : at.filter((i) => i >= from));
  });
  return [...rows.slice(0, heading.at + 1), ...made];
}
