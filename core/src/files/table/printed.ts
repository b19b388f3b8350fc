/** Text whose columns are set by spaces, as printers and pages of text have it, and tables written in Markdown. */

const RULE = /^[\s|:=+-]+$/;

/** The cells of a table in Markdown; null where it is none. */
export function markdownCells(lines: readonly string[]): string[][] | null {
  const rows = lines.filter((line) => line.trim() !== '');
  const isTable = rows.length > 2 && rows.every((line) => /^\s*\|.*\|\s*$/.test(line));
  if (!isTable) return null;
  return rows
    .filter((line) => !RULE.test(line))
    .map((line) =>
      line
        .trim()
        .slice(1, -1)
        .split('|')
        .map((cell) => cell.trim()),
    );
}

interface Piece {
  readonly text: string;
  readonly from: number;
  readonly to: number;
}

const piecesOf = (line: string): Piece[] =>
  [...line.matchAll(/\S+(?: \S+)*/g)].map(({ 0: text, index }) => ({
    ...{ text, from: index, to: index + text.length },
  }));

/** From this share of its lines on, a text is set in columns. */
const MOSTLY = 0.7;
/** No printer sets longer lines, nor more of them than a table has rows. */
const LONGEST_LINE = 400;
const MOST_LINES = 20_001;

const commasIn = (line: string): number => line.split(',').length - 1;

/** Whether commas divide all lines alike, so that spaces only fill the cells. */
function isByCommas(rows: readonly string[]): boolean {
  const most = commasIn(rows[0] ?? '');
  return most > 0 && rows.every((line) => commasIn(line) === most);
}

/** Where no line has a letter: between columns. Each column from its first place to the one before the next. */
function columnsOf(lines: readonly string[]): number[] {
  const width = Math.max(...lines.map((line) => line.length));
  const used = Array.from({ length: width }, (_, at) =>
    lines.some((line) => (line[at] ?? ' ') !== ' '),
  );
  return used.flatMap((isUsed, at) => (isUsed && (at === 0 || !used[at - 1]) ? [at] : []));
}

/** The cells of a text in columns set by spaces; null where it is none: another mark divides it, or hardly a line has gaps. */
export function printedCells(lines: readonly string[]): string[][] | null {
  const rows = lines.filter((line) => line.trim() !== '' && !RULE.test(line));
  if (rows.length < 3 || rows.length > MOST_LINES) return null;
  if (rows.some((line) => line.length > LONGEST_LINE || /[\t;|"]/.test(line))) return null;
  if (isByCommas(rows)) return null;
  const inColumns = rows.filter((line) => piecesOf(line).length > 1 && /\S {2,}\S/.test(line));
  if (inColumns.length < rows.length * MOSTLY) return null;
  const starts = columnsOf(rows);
  if (starts.length < 2) return null;
  return rows.map((line) =>
    starts.map((from, i) => line.slice(from, starts[i + 1] ?? line.length).trim()),
  );
}
