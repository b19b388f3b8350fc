import { cellShown, type Handout, type HandoutRow } from '@gleddo/core';

/** Something that is laid out: the layout writes down where it has come to stand. */
export interface LaidOut {
  readonly text?: unknown;
  readonly positions?: readonly { readonly pageNumber: number }[];
}

interface At {
  readonly sheet: number;
  readonly row: number;
}

const isHeading = ({ kind }: HandoutRow): boolean => kind === 'heading';

/** What the pages of sheets begin with: told of each row before they are laid out, asked afterwards. */
export class Continued {
  private readonly rows: (readonly [readonly LaidOut[], At])[] = [];
  private first: ReadonlyMap<number, At> | null = null;

  constructor(private readonly sheets: readonly Handout[]) {}

  /** Takes note of the cells of a row, and answers them. */
  row(cells: readonly LaidOut[], at: At): readonly LaidOut[] {
    this.rows.push([cells, at]);
    return cells;
  }

  /**
   * What a page goes on with: its sheet and the heading under which its first row stands; null where a sheet begins
   * on it. To be asked when all is laid out.
   */
  on(page: number): string | null {
    this.first ??= this.firstRows();
    const at = this.first.get(page);
    const sheet = this.sheets[at?.sheet ?? -1];
    if (!at || !sheet || at.row === 0) return null;
    const heading = headingAbove(sheet, at.row);
    return `${sheet.title}, continued${heading === null ? '' : `: ${heading}`}`;
  }

  private firstRows(): Map<number, At> {
    const first = new Map<number, At>();
    for (const [cells, at] of this.rows) {
      const page = cells.find(({ positions }) => positions?.length)?.positions?.[0]?.pageNumber;
      if (page !== undefined && !first.has(page)) first.set(page, at);
    }
    return first;
  }
}

function headingAbove(sheet: Handout, row: number): string | null {
  const first = sheet.rows[row];
  if (!first || isHeading(first)) return null;
  const heading = sheet.rows.slice(0, row).findLast(isHeading);
  return heading ? cellShown(sheet, heading.cells[0] ?? '') : null;
}
