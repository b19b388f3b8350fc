/** What a spreadsheet library may answer for a cell, as far as it is looked at here. */
type Cell = unknown;

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null;

/** The most decimals that a figure of a workbook is read with: what lies beyond is noise of the format. */
const FINEST = 1e6;

/** A cell of a workbook as the text that is shown there: a formula by its result, never run. */
export function cellText(value: Cell): string {
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  if (typeof value === 'number') return String(Math.round(value * FINEST) / FINEST);
  if (typeof value === 'string' || typeof value === 'boolean') return String(value);
  if (!isRecord(value)) return '';
  if (Array.isArray(value['richText'])) return value['richText'].map(cellText).join('');
  return cellText('result' in value ? value['result'] : value['text']);
}
