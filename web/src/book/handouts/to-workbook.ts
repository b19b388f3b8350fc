import {
  guarded,
  isDay,
  sheetSays,
  tableHeads,
  tableRow,
  type Handout,
  type HandoutColumn,
  type TableCell,
  type DayOrder,
} from '@gleddo/core';
import ExcelJS from 'exceljs';

const CHARACTERS_A_SHARE = 8;

/** Sheets as a workbook, one beside the other; figures are numbers, and no cell is run as a formula. */
export async function toWorkbook(sheets: readonly Handout[]): Promise<Uint8Array> {
  const workbook = new ExcelJS.Workbook();
  for (const sheet of sheets) addSheet(workbook, sheet, tabOf(workbook, sheet.title));
  return new Uint8Array(await workbook.xlsx.writeBuffer());
}

const LONGEST_TAB = 28;

/** A title as the name of a tab: without the signs that workbooks forbid there, short enough, and no other’s. */
function tabOf(workbook: ExcelJS.Workbook, title: string): string {
  const plain =
    title
      .replace(/[*?:\\/[\]']+/g, ' ')
      .trim()
      .slice(0, LONGEST_TAB) || 'Sheet';
  return workbook.getWorksheet(plain) ? `${plain} ${workbook.worksheets.length + 1}` : plain;
}

function valueOf(cell: TableCell, digits: number): string | number | Date {
  if (typeof cell === 'string') return guarded(cell);
  if ('amount' in cell) return cell.amount / 10 ** digits;
  return isDay(cell.day) ? new Date(`${cell.day}T00:00:00Z`) : guarded(cell.day);
}

const NUMBERS: HandoutColumn = { name: 'Number', share: 1.2, isFigure: false };

/** Its columns as the workbook has them: numbers of accounts in one of their own. */
const tableColumns = ({ columns }: Handout): HandoutColumn[] =>
  columns.flatMap((column) => (column.isOfAccounts ? [NUMBERS, column] : [column]));

const DAY_FORMATS: Readonly<Record<DayOrder, string>> = {
  'day-first': 'd mmm yyyy',
  'month-first': 'mmm d, yyyy',
  'year-first': 'yyyy-mm-dd',
};

function addSheet(workbook: ExcelJS.Workbook, handout: Handout, tab: string): void {
  const { title, rows, writing } = handout;
  const sheet = workbook.addWorksheet(tab, { views: [{ state: 'frozen', ySplit: 4 }] });
  sheet.addRow([guarded(title)]).font = { bold: true, size: 14 };
  sheet.addRow([guarded(sheetSays(handout))]);
  sheet.addRow([]);
  sheet.addRow(tableHeads(handout)).font = { bold: true };
  for (const each of rows) {
    const row = sheet.addRow(tableRow(handout, each).map((cell) => valueOf(cell, writing.digits)));
    row.eachCell((cell) => {
      if (cell.value instanceof Date) cell.numFmt = DAY_FORMATS[writing.days];
    });
    if (each.kind !== 'row') row.font = { bold: true };
  }
  tableColumns(handout).forEach(({ share, isFigure }, i) => {
    const column = sheet.getColumn(i + 1);
    column.width = Math.max(10, share * CHARACTERS_A_SHARE);
    if (isFigure) column.numFmt = '#,##0.##;(#,##0.##)';
  });
}
