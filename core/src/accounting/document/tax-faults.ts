import { accountOf, type Book } from '../../model/book/book.js';
import { accountUnknown } from '../../model/book/book-faults.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { TAX_LIST_NAMES, taxItemOf, taxItemUnknown } from '../../model/book/tax-lists.js';
import { WHOLE_PERCENT } from '../../model/money/quantity.js';
import { refusal, type Refusal } from '../../model/refusal/refusal.js';
import type { Document } from '../../model/shapes/document.js';
import type { TaxRule } from '../../model/shapes/tax-rule.js';
import { KIND_FACTS } from './document-kinds.js';

const oddRate = refusal(
  'tax.rate',
  (f: { code: string }) =>
    `The rate of the tax code “${f.code}” lies between nothing and the whole: from 0 to 100 percent.`,
);
const doubled = refusal(
  'tax.rule-doubled',
  (f: { code: string }) => `The tax code “${f.code}” has a rate already. Change that one.`,
);
const codeUnknown = refusal(
  'document.tax-unknown',
  (f: { code: string }) =>
    `Documents use no tax code “${f.code}”. Choose another, or give it a rate under Tax.`,
);
const notTaxed = refusal(
  'document.not-taxed',
  (f: { kind: string }) => `“${f.kind}” has no tax. Leave the tax code out.`,
);

function faultsOfRule(book: Book, { code, rate, account }: TaxRule): Refusal[] {
  const kind = TAX_LIST_NAMES.codes;
  return [
    ...(taxItemOf(book.taxLists, 'codes', code)
      ? []
      : [taxItemUnknown({ kind, id: code }, 'code')]),
    ...(rate < 0 || rate > WHOLE_PERCENT ? [oddRate({ code }, 'rate')] : []),
    ...(account !== null && !accountOf(book, account)
      ? [accountUnknown({ id: account }, 'account')]
      : []),
  ];
}

/** What is wrong with the taxes that documents use, each at its place among them. */
export function faultsOfTaxRules(book: Book, rules: readonly TaxRule[]): Refusal[] {
  const seen = new Set<string>();
  return rules.flatMap((rule, i) => {
    const again = seen.has(rule.code) ? [doubled({ code: rule.code }, 'code')] : [];
    seen.add(rule.code);
    return [...faultsOfRule(book, rule), ...again].map((fault) => ({
      ...fault,
      at: `[${i}].${fault.at}`,
    }));
  });
}

/** What is wrong with the tax codes of a document’s lines. */
export function faultsOfTaxCodes(book: Book, { kind, lines, ...document }: Document): Refusal[] {
  const { taxed, name } = KIND_FACTS[kind];
  const known = new Set(subledgersOf(book).taxes.map(({ code }) => code));
  const odd = lines.flatMap(({ taxCode }, i) => {
    const at = `lines[${i}].taxCode`;
    if (taxCode === undefined) return [];
    if (taxed === 'none') return [notTaxed({ kind: name }, at)];
    return known.has(taxCode) ? [] : [codeUnknown({ code: taxCode }, at)];
  });
  const isOdd = document.pricesIncludeTax === true && taxed === 'none';
  return isOdd ? [...odd, notTaxed({ kind: name }, 'pricesIncludeTax')] : odd;
}
