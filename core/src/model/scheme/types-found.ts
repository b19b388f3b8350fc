import { sectionOfType, type AccountType, type Scheme } from './scheme.js';

const words = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);

/** How well a type answers what was typed: the smaller the better; null when not at all. */
function rankOf(
  scheme: Scheme,
  type: AccountType,
  { typed, withExamples }: { readonly typed: string; readonly withExamples: boolean },
): number | null {
  const name = type.name.toLowerCase();
  const section = (sectionOfType(scheme, type.id)?.name ?? '').toLowerCase();
  const examples = withExamples ? type.examples.join(' ').toLowerCase() : '';
  const wanted = typed.split(/\s+/);
  const isIn = (text: string) => wanted.every((word) => text.includes(word));
  const begins = (text: string) =>
    wanted.every((word) => words(text).some((each) => each.startsWith(word)));
  if (name === typed) return 0;
  if (name.startsWith(typed)) return 1;
  if (begins(name)) return 2;
  if (isIn(name)) return 3;
  if (begins(`${name} ${section}`)) return 4;
  if (isIn(`${name} ${section}`)) return 5;
  if (begins(`${name} ${section} ${examples}`)) return 6;
  return isIn(`${name} ${section} ${examples}`) ? 7 : null;
}

/**
 * The types that what was typed may mean, the likeliest first: the exact name, names that begin so, names with a word
 * that does, then sections, then examples. `withExamples` false: examples tell too much, and are not looked into.
 */
export function typesFound(scheme: Scheme, typed: string, withExamples = true): AccountType[] {
  const text = typed.trim().toLowerCase().replace(/\s+/g, ' ');
  if (text === '') return [...scheme.types];
  return scheme.types
    .flatMap((type) => {
      const rank = rankOf(scheme, type, { typed: text, withExamples });
      return rank === null ? [] : [{ type, rank }];
    })
    .sort((a, b) => a.rank - b.rank || a.type.name.length - b.type.name.length)
    .map(({ type }) => type);
}
