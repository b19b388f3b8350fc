import type { AmountMarks } from './amount-marks.js';

const MARKS: Readonly<Record<string, string>> = {
  '.': String.raw`\.`,
  '’': "['’]",
  '\u00a0': String.raw`[ \u00a0\u202f]`,
};

const patternOf = (mark: string): string => MARKS[mark] ?? mark;

const patterns = new Map<string, RegExp>();

function numberIn({ decimal, group, grouping }: AmountMarks): RegExp {
  const name = `${decimal}${group}${grouping}`;
  const between = patternOf(group);
  const groups =
    grouping === 'twos'
      ? String.raw`(?:${between}\d\d)*${between}\d{3}`
      : String.raw`(?:${between}\d{3})+`;
  const decimals = String.raw`(?:${patternOf(decimal)}\d{1,4})?`;
  const made =
    patterns.get(name) ?? new RegExp(String.raw`\d{1,3}${groups}${decimals}|\d+${decimals}`, 'g');
  patterns.set(name, made);
  return made;
}

/** What is a number in a text, as a place writes it: its digits grouped, or not. */
export const numbersIn = (text: string, marks: AmountMarks): RegExpExecArray[] => [
  ...text.matchAll(numberIn(marks)),
];

/** A number found so, as programs write it: no groups, a point before its decimals. */
export const plainDecimal = (found: string, { decimal }: AmountMarks): string =>
  [...found].map((c) => (c === decimal ? '.' : /\d/.test(c) ? c : '')).join('');
