/** What a spreadsheet library may answer for a cell, as far as it is looked at here. */
type Cell = unknown;

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null;

/** The most decimals that a figure of a workbook is read with: what lies beyond is noise of the format. */
const FINEST = 1e6;

/** What is read for a formula of which the file does not say what it comes to. */
const NO_VALUE = '#NO VALUE!';

/** Whether a cell says that there is an error in it, or a formula without a value. */
export const isCellError = (cell: string): boolean =>
  /^#(ref!|value!|div\/0!|n\/a|name\?|num!|null!|spill!|calc!|error!|no value!)$/i.test(
    cell.trim(),
  );

/** A cell of a workbook as the text that is shown there: a formula by its result, never run. */
export function cellText(value: Cell): string {
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  if (typeof value === 'number') return String(Math.round(value * FINEST) / FINEST);
  if (typeof value === 'string' || typeof value === 'boolean') return String(value);
  if (!isRecord(value)) return '';
  if ('error' in value) return String(value['error']);
  if ('formula' in value || 'sharedFormula' in value)
    return value['result'] === undefined || value['result'] === null
      ? NO_VALUE
      : cellText(value['result']);
  if (Array.isArray(value['richText'])) return value['richText'].map(cellText).join('');
  return cellText('result' in value ? value['result'] : value['text']);
}
