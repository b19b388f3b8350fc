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

/** Where every mark stands before exactly three digits, in more than one amount, amounts are whole and grouped. */
function groupsAlone(texts: readonly string[]): '.' | ',' | null {
  const marked = texts.filter((text) => /[.,]/.test(text));
  const by = (mark: string) =>
    marked.length > 1 &&
    marked.every((text) => new RegExp(`^\\D*\\d{1,3}(?:\\${mark}\\d{3})+\\D*$`).test(text));
  return by(',') ? '.' : by('.') ? ',' : null;
}

/** The decimal mark that most amounts of a table give away; null when none does. */
export function decimalMarkOf(texts: readonly string[]): '.' | ',' | null {
  const found = texts.map(decimalMark);
  const points = found.filter((mark) => mark === '.').length;
  const commas = found.filter((mark) => mark === ',').length;
  return points === commas ? groupsAlone(texts) : points > commas ? '.' : ',';
}
