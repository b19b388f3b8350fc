/** The most decimals that a figure of a workbook is read with: what lies beyond is noise of the format. */
const FINEST = 1e6;

/** What is read for a formula of which the file does not say what it comes to. */
export const NO_VALUE = '#NO VALUE!';

/** Whether a cell says that there is an error in it, or a formula without a value. */
export const isCellError = (cell: string): boolean =>
  /^(#(ref!|value!|div\/0!|n\/a|name\?|num!|null!|spill!|calc!|error!|no value!)|err:\d{3})$/i.test(
    cell.trim(),
  );

/** A figure of a workbook as text. */
export const numberText = (value: number): string => String(Math.round(value * FINEST) / FINEST);
