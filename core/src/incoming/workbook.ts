import { Unzip, UnzipInflate } from 'fflate';
import { done, refusal, refused, type Result } from '../refusal/refusal.js';
import { cellText } from '../table/cell-text.js';

const LARGEST_UNPACKED = 40_000_000;
const MOST_ROWS = 20_001;
const MOST_COLUMNS = 200;

const notAWorkbook = refusal(
  'file.not-a-workbook',
  (f: { what: string }) =>
    `This is ${f.what}, and no workbook can be read in it. Save the sheet as XLSX or CSV and choose that.`,
);
const workbookTooLarge = refusal(
  'file.workbook-too-large',
  (f: { most: number }) =>
    `Unpacked, this workbook is larger than ${f.most} MB. Copy the sheet that is wanted into a workbook of its own.`,
);

/** A sheet of a workbook as rows of text. */
export interface Sheet {
  readonly name: string;
  readonly isHidden: boolean;
  readonly cells: readonly (readonly string[])[];
}

interface CellLike {
  readonly value: unknown;
}
interface RowLike {
  eachCell(options: { includeEmpty: boolean }, see: (cell: CellLike, column: number) => void): void;
}
/** As much of a workbook as is looked at: whichever library has read it. */
interface WorkbookLike {
  readonly worksheets: readonly {
    readonly name: string;
    readonly state: string;
    eachRow(options: { includeEmpty: boolean }, see: (row: RowLike, at: number) => void): void;
  }[];
}

/** Reads the bytes of a workbook; throws where they are none. Given from outside, since it is a large library. */
export type OpenWorkbook = (bytes: Uint8Array) => Promise<WorkbookLike>;

class TooLarge extends Error {}

/** What is packed in a file, by name; unpacks it for its size alone, and stops where that grows too large. */
function packedNames(bytes: Uint8Array): string[] {
  const names: string[] = [];
  let size = 0;
  const unzip = new Unzip((file) => {
    names.push(file.name);
    file.ondata = (error, chunk) => {
      if (error) throw error;
      size += chunk.length;
      if (size > LARGEST_UNPACKED) throw new TooLarge();
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  const step = 65_536;
  for (let at = 0; at < bytes.length; at += step)
    unzip.push(bytes.subarray(at, at + step), at + step >= bytes.length);
  return names;
}

const whatIsPacked = (names: readonly string[]): string =>
  names.some((name) => name === 'content.xml') ? 'an OpenDocument file' : 'a packed file';

/** What a packed file is refused for before it is opened; null where it may be a workbook. */
function refusalOf(bytes: Uint8Array) {
  try {
    const names = packedNames(bytes);
    return names.includes('xl/workbook.xml') ? null : notAWorkbook({ what: whatIsPacked(names) });
  } catch (error) {
    return error instanceof TooLarge
      ? workbookTooLarge({ most: LARGEST_UNPACKED / 1e6 })
      : notAWorkbook({ what: 'a packed file that is broken' });
  }
}

/** All sheets of a workbook: what is shown in their cells, formulas by their results. */
export async function sheetsOf(bytes: Uint8Array, open: OpenWorkbook): Promise<Result<Sheet[]>> {
  const refusal = refusalOf(bytes);
  if (refusal) return refused(refusal);
  try {
    const { worksheets } = await open(bytes);
    return done(
      worksheets.map(({ name, state, eachRow }, i) => ({
        name,
        isHidden: state !== 'visible',
        cells: cellsIn(eachRow.bind(worksheets[i])),
      })),
    );
  } catch {
    return refused(notAWorkbook({ what: 'a packed file that is broken' }));
  }
}

function cellsIn(eachRow: WorkbookLike['worksheets'][number]['eachRow']): string[][] {
  const rows: string[][] = [];
  eachRow({ includeEmpty: false }, (row, at) => {
    if (at > MOST_ROWS) return;
    const cells: string[] = [];
    row.eachCell({ includeEmpty: false }, ({ value }, column) => {
      if (column <= MOST_COLUMNS) cells[column - 1] = cellText(value);
    });
    rows[at - 1] = Array.from(cells, (text) => text ?? '');
  });
  return Array.from(rows, (row) => row ?? []);
}
