import { cellText, guarded } from '@gleddo/core';
import ExcelJS from 'exceljs';
import { InputFaults } from './faults.js';

const MOST_ROWS = 20_001;

/** The first sheet of a workbook as rows of text: what is shown, never a formula. */
export async function sheetCells(file: string, bytes: Uint8Array): Promise<string[][]> {
  const workbook = new ExcelJS.Workbook();
  try {
    await workbook.xlsx.load(bytes as unknown as Parameters<typeof workbook.xlsx.load>[0]);
  } catch {
    throw new InputFaults([
      `${file}: file: It can’t be read as a workbook. Save it again as XLSX.`,
    ]);
  }
  const rows: string[][] = [];
  workbook.worksheets[0]?.eachRow({ includeEmpty: true }, (row, at) => {
    if (at > MOST_ROWS) return;
    const cells: string[] = [];
    row.eachCell({ includeEmpty: true }, (cell, column) => {
      cells[column - 1] = cellText(cell.value);
    });
    rows.push(Array.from(cells, (text) => text ?? ''));
  });
  return rows;
}

/** A table as a workbook with one sheet, its headings bold. */
export async function workbookOf(rows: readonly (readonly string[])[]): Promise<Uint8Array> {
  const workbook = new ExcelJS.Workbook();
  const sheet = workbook.addWorksheet('Accounts');
  for (const row of rows) sheet.addRow(row.map(guarded));
  sheet.getRow(1).font = { bold: true };
  sheet.columns.forEach((column) => {
    column.width = 22;
  });
  return new Uint8Array(await workbook.xlsx.writeBuffer());
}
