import { accountOf, type Book } from '../../model/book/book.js';
import type { AcceptedFile, KeyRulesFile } from '../../model/exercise-shapes/key-rules.js';

/** The accounts of a book that have amounts: an opening balance, or a line of an entry. */
export function usedAccounts({ opening, entries }: Book): ReadonlySet<string> {
  const posted = entries.flatMap(({ lines }) => lines.map(({ account }) => account));
  return new Set([...Object.keys(opening.balances), ...posted]);
}

/**
 * The rules that still stand beside a key’s book: those about accounts and entries that it no longer has are left out,
 * and an account that it has come to use is no longer forbidden. What is said only now (`isNew`) is left to be judged.
 */
export function standingRules(
  book: Book,
  rules: KeyRulesFile,
  isNew: (rule: object) => boolean = () => false,
): KeyRulesFile {
  const used = usedAccounts(book);
  const entries = new Set(book.entries.map(({ id }) => id));
  const stands = (rule: AcceptedFile): AcceptedFile[] => {
    if (isNew(rule)) return [rule];
    if (!accountOf(book, rule.account)) return [];
    return [rule.forbidden && used.has(rule.account) ? { ...rule, forbidden: false } : rule];
  };
  const { accepts, acceptsEntries } = rules;
  return {
    ...rules,
    ...(accepts ? { accepts: accepts.flatMap(stands) } : {}),
    ...(acceptsEntries
      ? { acceptsEntries: acceptsEntries.filter((rule) => isNew(rule) || entries.has(rule.entry)) }
      : {}),
  };
}
