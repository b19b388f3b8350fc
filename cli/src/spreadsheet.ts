import { guarded } from '@gleddo/core';
import ExcelJS from 'exceljs';

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
