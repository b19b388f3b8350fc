import { faultsOfTaxRules } from '../../accounting/document/tax-faults.js';
import { KIND_FACTS } from '../../accounting/document/document-kinds.js';
import type { Book } from '../../model/book/book.js';
import { subledgersOf, withSubledgers } from '../../model/book/subledgers.js';
import { saidOn } from '../../model/place/writing.js';
import { refusal, refused, type Refusal } from '../../model/refusal/refusal.js';
import type { TaxRule } from '../../model/shapes/tax-rule.js';
import type { Change } from '../operation/operation.js';
import { remade } from './subledger-changes.js';

const ruleInUse = refusal(
  'tax.rule-in-use',
  (f: { code: string; by: string }) =>
    `The tax code “${f.code}” stands in documents (the first: ${f.by}), so it keeps a rate. Change those first.`,
);

function stillUsed(book: Book, taxes: readonly TaxRule[]): Refusal[] {
  const { taxes: before, documents } = subledgersOf(book);
  const kept = new Set(taxes.map(({ code }) => code));
  return before.flatMap(({ code }) => {
    if (kept.has(code)) return [];
    const first = documents.find(({ lines }) => lines.some(({ taxCode }) => taxCode === code));
    if (!first) return [];
    const by = `${KIND_FACTS[first.kind].name} of ${saidOn(book, first.date)}`;
    return [ruleInUse({ code, by }, 'taxes')];
  });
}

/** Says which tax codes act in documents, at what rate, and where their tax stands; the entries of documents follow. */
export const changeTaxes: Change<'change-taxes'> = {
  apply(book, { taxes }, rules) {
    const faults = [
      ...faultsOfTaxRules(book, taxes).map((fault) => ({ ...fault, at: `taxes${fault.at}` })),
      ...stillUsed(book, taxes),
    ];
    if (faults.length > 0) return refused(...faults);
    return remade(book, withSubledgers(book, { taxes }), {
      inverse: { kind: 'change-taxes', taxes: subledgersOf(book).taxes },
      rules,
      restores: true,
    });
  },
};
