import { guarded, type Handout, type HandoutCell } from '@gleddo/core';
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

function addSheet(workbook: ExcelJS.Workbook, handout: Handout, tab: string): void {
  const { title, company, subtitle, columns, rows, digits } = handout;
  const sheet = workbook.addWorksheet(tab, { views: [{ state: 'frozen', ySplit: 4 }] });
  sheet.addRow([guarded(company)]).font = { bold: true, size: 14 };
  sheet.addRow([guarded(`${title}. ${subtitle}`)]);
  sheet.addRow([]);
  sheet.addRow(columns.map(({ name }) => name)).font = { bold: true };
  const value = (cell: HandoutCell) =>
    typeof cell === 'string' ? guarded(cell) : cell.amount / 10 ** digits;
  for (const { kind, cells } of rows) {
    const row = sheet.addRow(cells.map(value));
    if (kind !== 'row') row.font = { bold: true };
  }
  columns.forEach(({ share, isFigure }, i) => {
    const column = sheet.getColumn(i + 1);
    column.width = Math.max(10, share * CHARACTERS_A_SHARE);
    if (isFigure) column.numFmt = '#,##0.##;(#,##0.##)';
  });
}
