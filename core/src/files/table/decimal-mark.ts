/** The decimal mark that one amount gives away; null when it doesn't. */
function decimalMark(text: string): '.' | ',' | null {
  const marks = text.replace(/[^.,]/g, '');
  const last = marks.at(-1);
  if (last !== '.' && last !== ',') return null;
  const other = last === '.' ? ',' : '.';
  if (new Set(marks).size === 2) return last;
  if (marks.length > 1) return other;
  const after = /(?<!\d)\d*$/.exec(text.replace(/[^\d.,]/g, ''))?.[0] ?? '';
  return after.length === 3 ? null : last;
}

/** The decimal mark that most amounts of a table give away; null when none does. */
export function decimalMarkOf(texts: readonly string[]): '.' | ',' | null {
  const found = texts.map(decimalMark);
  const points = found.filter((mark) => mark === '.').length;
  const commas = found.filter((mark) => mark === ',').length;
  return points === commas ? null : points > commas ? '.' : ',';
}
