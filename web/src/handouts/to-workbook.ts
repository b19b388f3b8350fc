import { guarded, type Handout } from '@gleddo/core';
import ExcelJS from 'exceljs';

const CHARACTERS_A_SHARE = 8;

/** A hand-out as a workbook with one sheet; figures are numbers, and no cell is run as a formula. */
export async function toWorkbook(handout: Handout): Promise<Uint8Array> {
  const { title, company, subtitle, columns, rows } = handout;
  const workbook = new ExcelJS.Workbook();
  const sheet = workbook.addWorksheet(title, { views: [{ state: 'frozen', ySplit: 4 }] });
  sheet.addRow([guarded(company)]).font = { bold: true, size: 14 };
  sheet.addRow([guarded(`${title}. ${subtitle}`)]);
  sheet.addRow([]);
  sheet.addRow(columns.map(({ name }) => name)).font = { bold: true };
  for (const { kind, cells } of rows) {
    const row = sheet.addRow(
      cells.map((cell, i) => (columns[i]?.isFigure ? figure(cell) : guarded(cell))),
    );
    if (kind === 'heading') row.font = { bold: true };
  }
  columns.forEach(({ share, isFigure }, i) => {
    const column = sheet.getColumn(i + 1);
    column.width = Math.max(10, share * CHARACTERS_A_SHARE);
    if (isFigure) column.numFmt = '#,##0.##;(#,##0.##)';
  });
  return new Uint8Array(await workbook.xlsx.writeBuffer());
}

const figure = (cell: string): number | string =>
  cell === '' ? '' : Number(cell.replaceAll(',', ''));
