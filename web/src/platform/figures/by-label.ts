/** What one chooses from: shown and found by its label. */
interface Labelled {
  readonly label?: unknown;
}

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[\s,(]+/)
    .filter(Boolean);

const labelOf = ({ label }: Labelled): string => (typeof label === 'string' ? label : '');

/** The first letters of its words: `pi` of *1300 Prepaid insurance*. */
const initialsOf = (label: string): string =>
  wordsOf(label)
    .map(([first = '']) => first)
    .filter((first) => /\p{L}/u.test(first))
    .join('');

/** Whether each fragment typed begins a word of the label, or the whole of what was typed stands in it or begins its words. */
export function isMeant(typed: string, label: string): boolean {
  const text = typed.trim().toLowerCase();
  if (label.toLowerCase().includes(text) || initialsOf(label).startsWith(text)) return true;
  const words = wordsOf(label);
  return wordsOf(typed).every((fragment) => words.some((word) => word.startsWith(fragment)));
}

/** The whole of it first, then what has just these first letters, what begins with it, what has it somewhere. */
export function rankOf(typed: string, label: string): number {
  const [text, whole] = [typed.trim().toLowerCase(), label.toLowerCase()];
  if (whole === text) return 0;
  if (initialsOf(whole) === text) return 1;
  if (whole.startsWith(text)) return 2;
  return wordsOf(whole).some((word) => word.startsWith(text)) ? 3 : 4;
}

/** How a long list that one chooses from is searched: by short fragments of what it shows. Lists that grow with the house all are. */
export const BY_LABEL = {
  filterOption: (typed: string, option?: Labelled) =>
    option !== undefined && isMeant(typed, labelOf(option)),
  filterSort: (a: Labelled, b: Labelled, { searchValue }: { searchValue: string }) =>
    rankOf(searchValue, labelOf(a)) - rankOf(searchValue, labelOf(b)),
} as const;
