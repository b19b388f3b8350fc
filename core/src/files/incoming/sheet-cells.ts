import { TooLarge } from './packed.js';

const MOST_ROWS = 20_001;
const MOST_COLUMNS = 200;
const LONGEST_CELL = 2_000;
/** Of all sheets of a workbook together. */
const MOST_CELLS = 600_000;
const MOST_CHARACTERS = 20_000_000;

/** A sheet of a workbook as rows of text. */
export interface Sheet {
  readonly name: string;
  readonly isHidden: boolean;
  readonly cells: readonly (readonly string[])[];
}

/** Counts what the sheets of one workbook hold together. */
export class Budget {
  private cells = 0;
  private characters = 0;

  spend(text: string): void {
    this.cells++;
    this.characters += text.length;
    if (this.cells > MOST_CELLS || this.characters > MOST_CHARACTERS) throw new TooLarge();
  }
}

/** The cells of one sheet, put down one by one. What lies beyond what is read is passed over. */
export class SheetCells {
  private readonly rows: string[][] = [];

  constructor(private readonly budget: Budget) {}

  /** Whether rows after this one are not looked at any more. */
  isBeyond = (row: number): boolean => row >= MOST_ROWS;

  /** Rows and columns count from zero. */
  put(row: number, column: number, text: string): void {
    if (text === '' || row < 0 || column < 0 || row >= MOST_ROWS || column >= MOST_COLUMNS) return;
    const kept = text.slice(0, LONGEST_CELL);
    this.budget.spend(kept);
    const cells = (this.rows[row] ??= []);
    cells[column] = kept;
  }

  /** Whole rows, empty ones where nothing was put. */
  all(): string[][] {
    return Array.from(this.rows, (cells) => Array.from(cells ?? [], (text) => text ?? ''));
  }
}
