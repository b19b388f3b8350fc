import { refusal, type Refusal } from '../refusal/refusal.js';
import { join } from '../shape/explain.js';
import type { TaxItem, TaxLists } from '../shapes/tax-list.js';

export type { TaxItem, TaxLists } from '../shapes/tax-list.js';

export type TaxListName = keyof TaxLists;

export const NO_TAX_LISTS: TaxLists = { lines: [], codes: [] };

export const TAX_LIST_NAMES: Readonly<Record<TaxListName, string>> = {
  lines: 'tax line',
  codes: 'tax code',
};

const LONGEST_TAX_LIST = 500;
export const LONGEST_TAX_ID = 12;

/** What tells tax lines and codes apart: letter case and outer spaces do not. */
export const taxKey = (id: string): string => id.trim().toLowerCase();

const taxItemNameless = refusal(
  'tax.nameless',
  (f: { kind: string }) =>
    `A ${f.kind} needs a short code of 1 to ${LONGEST_TAX_ID} characters and a name of 1 to 80.`,
);
const taxItemDoubled = refusal(
  'tax.doubled',
  (f: { kind: string; id: string }) =>
    `There are two of the ${f.kind} “${f.id}”. Give each its own code.`,
);
export const taxItemUnknown = refusal(
  'tax.unknown',
  (f: { kind: string; id: string }) =>
    `There is no ${f.kind} “${f.id}” in this book. Add it to the list first, or choose another.`,
);
const taxListLong = refusal(
  'tax.list-long',
  (f: { kind: string }) =>
    `More than ${LONGEST_TAX_LIST} of a ${f.kind} are more than anybody can choose from. Take some out.`,
);

export const taxItemOf = (lists: TaxLists, list: TaxListName, id: string | null): TaxItem | null =>
  lists[list].find((item) => item.id === id) ?? null;

/** What is wrong with the lists themselves, each with its place. */
export function faultsOfTaxLists(lists: TaxLists, at = ''): Refusal[] {
  return (['lines', 'codes'] as const).flatMap((name) => faultsOfList(lists, name, join(at, name)));
}

function faultsOfList(lists: TaxLists, name: TaxListName, at: string): Refusal[] {
  const kind = TAX_LIST_NAMES[name];
  const known = new Set<string>();
  const faults = lists[name].flatMap((item, i): Refusal[] => {
    const place = `${at}[${i}]`;
    const key = taxKey(item.id);
    const isFit = key.length > 0 && key.length <= LONGEST_TAX_ID;
    const isNamed = item.name.trim().length > 0 && item.name.trim().length <= 80;
    if (!isFit || !isNamed) return [taxItemNameless({ kind }, place)];
    if (known.has(key)) return [taxItemDoubled({ kind, id: item.id }, place)];
    known.add(key);
    return [];
  });
  return lists[name].length > LONGEST_TAX_LIST ? [taxListLong({ kind }, at)] : faults;
}
