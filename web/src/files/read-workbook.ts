import { cellsFrom, cellText, refusal, refused, type Result } from '@gleddo/core';
import ExcelJS from 'exceljs';
import { unzipSync } from 'fflate';

const LARGEST_UNPACKED = 100_000_000;
const MOST_ROWS = 20_001;
const MOST_COLUMNS = 200;

const notAWorkbook = refusal(
  'file.not-a-workbook',
  () =>
    'This is a packed file, and no workbook can be read in it. Save the sheet as XLSX or CSV and choose that.',
);
const workbookTooLarge = refusal(
  'file.workbook-too-large',
  (f: { most: number }) =>
    `Unpacked, this workbook is larger than ${f.most} MB. Copy the sheet that is wanted into a workbook of its own.`,
);

/** What a packed file says that it unpacks to, without unpacking it. */
function unpackedSize(bytes: Uint8Array): number {
  let size = 0;
  unzipSync(bytes, {
    filter: ({ originalSize }) => {
      size += originalSize;
      return false;
    },
  });
  return size;
}

/** The first sheet of a workbook as rows of text: what is shown there, never a formula. */
export async function readWorkbook(bytes: Uint8Array): Promise<Result<string[][]>> {
  const workbook = new ExcelJS.Workbook();
  try {
    if (unpackedSize(bytes) > LARGEST_UNPACKED)
      return refused(workbookTooLarge({ most: LARGEST_UNPACKED / 1e6 }));
    await workbook.xlsx.load(bytes.buffer as ArrayBuffer);
  } catch {
    return refused(notAWorkbook({}));
  }
  const [sheet] = workbook.worksheets;
  if (!sheet) return refused(notAWorkbook({}));
  const rows: string[][] = [];
  const columns = Math.min(MOST_COLUMNS, sheet.columnCount);
  for (let at = 1; at <= Math.min(MOST_ROWS, sheet.rowCount); at++) {
    const row = sheet.getRow(at);
    rows.push(Array.from({ length: columns }, (_, i) => cellText(row.getCell(i + 1).value)));
  }
  return cellsFrom(rows);
}
