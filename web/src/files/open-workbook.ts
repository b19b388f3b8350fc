import type { OpenWorkbook } from '@gleddo/core';
import ExcelJS from 'exceljs';

/** Reads the bytes of a workbook; the library is large, so this is fetched when a workbook comes. */
export const openWorkbook: OpenWorkbook = async (bytes) => {
  const workbook = new ExcelJS.Workbook();
  await workbook.xlsx.load(bytes.slice().buffer);
  return workbook;
};
