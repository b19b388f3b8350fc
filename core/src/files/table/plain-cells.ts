type Cells = readonly (readonly string[])[];

const CURRENCY = String.raw`([A-Z]{3}|\p{Sc}|kr|zł|Rs\.?)`;
const SIDE = String.raw`\(?(?:dr|cr|debit|credit|d|c|s|h)\.?\)?`;
const DIGITS = String.raw`[-(−–+]? ?(?:\d[\d.,'’ ]*|[.,]\d+)(?:,-{1,2}|\.-{1,2})?\)?[-−]?`;
/** An amount with what says its currency and its side, before or behind it. */
const WRITTEN = new RegExp(
  `^(${SIDE} )?(?:${CURRENCY} ?)?(${SIDE} )?(${DIGITS})(?: ?${CURRENCY})?(?: ?(${SIDE}))?$`,
  'iu',
);
const NOTHING = /^(?:nil|n\/?a|nan|null|none|[-–—−]{1,3}|\.{1,3})$/i;
/** Three letters before a year are a month sooner than a currency. */
const MONTH_OF_YEAR = /^[A-Za-z]{3} (?:19|20)\d\d$/;
const GERMAN_SIDES = /\d [SH]$/;

/** The codes of ISO 4217; a name of three letters (`Van 1`) is none. */
const CODES: ReadonlySet<string> = new Set(Intl.supportedValuesOf('currency'));
const isCurrency = (written: string): boolean =>
  !/^[A-Za-z]{3}$/.test(written) || CODES.has(written);

/** Decimals or groups, which no number of an account has. */
const isMarked = (digits: string): boolean => /[.,]\d|[.,]-/.test(digits);

const withoutEnd = (digits: string): string =>
  digits.trim().replace(/([.,])-{1,2}$/, (_, mark: string) => `${mark}00`);

/** Debit or credit, as a side is written anywhere: `Dr`, `(cr)`, `Credit`, and S and H where those are meant. */
function sideOf(written: string, isGerman: boolean): string {
  const letter = written.replace(/[().]/g, '').trim().toLowerCase()[0] ?? '';
  if (letter === 'd' || (isGerman && letter === 's')) return ' Dr';
  return letter === 'c' || (isGerman && letter === 'h') ? ' Cr' : '';
}

function plainCell(cell: string, isGerman: boolean): string {
  const text = cell.trim();
  if (text === '' || text.length > 40) return cell;
  if (NOTHING.test(text)) return '';
  if (!/\d/.test(text)) return cell;
  const found = WRITTEN.exec(text.replace(/\s+/g, ' '));
  if (!found || MONTH_OF_YEAR.test(text)) return cell;
  const [, first = '', before = '', second = '', digits = '', behind = '', last = ''] = found;
  if (![before, behind].every(isCurrency)) return cell;
  const said = [first, second, last].find((each) => each !== '') ?? '';
  const isLetter = /^[dcsh]$/i.test(said.trim());
  // `C 100` and `TOP 5` may be a number or a name; with decimals or groups it is an amount.
  if (isLetter && !isMarked(digits)) return cell;
  if (before + behind !== '' && !isMarked(digits) && !/\d{3}/.test(digits)) return cell;
  const side = said === '' ? '' : sideOf(said, isGerman);
  return said !== '' && side === '' ? cell : `${withoutEnd(digits)}${side}`;
}

/** Columns that hold nothing but the letters for debit and credit, S and H. */
function germanSides(cells: Cells): ReadonlySet<number> {
  const width = Math.max(0, ...cells.map((row) => row.length));
  const columns = Array.from({ length: width }, (_, at) => at).filter((at) => {
    const filled = cells
      .slice(1)
      .map((row) => (row[at] ?? '').trim())
      .filter(Boolean);
    return filled.length > 1 && filled.every((cell) => /^[SH]$/.test(cell));
  });
  return new Set(columns);
}

/**
 * The cells of a table of accounts with amounts written plainly: without a currency, the side behind them, nothing where it says
 * that nothing stands there. What is no amount stays as it is.
 */
export function plainCells(cells: Cells): string[][] {
  const isGerman = cells.some((row) => row.some((cell) => GERMAN_SIDES.test(cell.trim())));
  const sides = germanSides(cells);
  return cells.map((row) =>
    row.map((cell, at) =>
      sides.has(at) && /^\s*[SH]\s*$/.test(cell)
        ? sideOf(cell, true).trim()
        : plainCell(cell, isGerman),
    ),
  );
}
