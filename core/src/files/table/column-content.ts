/** Without the spaces in it: a sign and a currency before or behind the digits, a side behind. */
const AMOUNT = /^\p{Sc}?[-(−–+]?\p{Sc}?(?:\d[\d.,'’]*|[.,]\d+)\)?[-−]?\p{Sc}?(?:dr|cr|d|c)?\.?$/iu;
const NUMBER = /^[A-Za-z]{0,2}[-.]?\d[\d.\-/ ]{0,13}$/;
const SIDE = /^(dr|cr|d|c|debit|credit|db)\.?$/i;

export const looksAmount = (cell: string): boolean =>
  /\d/.test(cell) && AMOUNT.test(cell.replace(/\s/g, ''));
export const looksNumber = (cell: string): boolean => NUMBER.test(cell.trim());
export const looksName = (cell: string): boolean =>
  /\p{L}{2}/u.test(cell) && !looksNumber(cell) && !looksAmount(cell) && !SIDE.test(cell.trim());
export const looksSide = (cell: string): boolean => SIDE.test(cell.trim());

/** What stands in the columns of a table below its headings, told by shares of the cells that hold anything. */
export class ColumnContent {
  readonly width: number;
  private readonly columns: readonly (readonly string[])[];

  constructor(rows: readonly (readonly string[])[]) {
    this.width = Math.max(0, ...rows.map((row) => row.length));
    this.columns = Array.from({ length: this.width }, (_, i) =>
      rows.map((row) => (row[i] ?? '').trim()).filter((cell) => cell !== ''),
    );
  }

  share(column: number, test: (cell: string) => boolean): number {
    const cells = this.columns[column] ?? [];
    return cells.length === 0 ? 0 : cells.filter(test).length / cells.length;
  }

  /** How many cells hold anything. */
  filled(column: number): number {
    return this.columns[column]?.length ?? 0;
  }

  /** How many of its cells are different. */
  distinct(column: number): number {
    return new Set(this.columns[column]).size;
  }

  /** Account numbers are all different and have no decimals. */
  areNumbers(column: number): boolean {
    const cells = this.columns[column] ?? [];
    return (
      this.share(column, looksNumber) > 0.6 &&
      this.distinct(column) >= cells.length * 0.8 &&
      this.share(column, (cell) => /[.,]\d\d$/.test(cell)) < 0.3
    );
  }
}
