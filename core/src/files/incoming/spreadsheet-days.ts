/** Built-in formats of days and times. Source: ECMA-376, part 1, 18.8.30. */
const BUILT_IN = [14, 15, 16, 17, 18, 19, 20, 21, 22, 27, 30, 36, 45, 46, 47, 50, 57];

/** Whether a format shows a number as a day: letters of days outside quotes and brackets. */
export function isDateFormat(id: number, code: string): boolean {
  if (BUILT_IN.includes(id)) return true;
  const bare = code.replace(/"[^"]*"|\[[^[\]]*\]|\\./g, '').split(';')[0] ?? '';
  return /[dy]/i.test(bare) && !/general/i.test(bare);
}

const A_DAY = 86_400_000;
/** From the day that spreadsheets call zero to 1970-01-01; from that of 1904. */
const TO_1970 = 25_569;
const FROM_1904 = 1_462;
/** 9999-12-31. */
const LAST = 2_958_465;

/** A day as spreadsheets count it, as YYYY-MM-DD; null where it is none that can be written. */
export function serialDate(serial: number, from1904: boolean): string | null {
  const at = Math.floor(serial) + (from1904 ? FROM_1904 : 0);
  if (at < 1 || at > LAST) return null;
  return new Date((at - TO_1970) * A_DAY).toISOString().slice(0, 10);
}
