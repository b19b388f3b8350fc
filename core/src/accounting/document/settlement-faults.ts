import type { Subledgers } from '../../model/book/book.js';
import type { Amount } from '../../model/money/amount.js';
import { refusal, type Refusal } from '../../model/refusal/refusal.js';
import type { Document } from '../../model/shapes/document.js';
import { worthOfDocument } from './document-lines.js';
import { KIND_FACTS } from './document-kinds.js';

/** What a document settles that is none: what a party owed when the books began. */
export const OPENING = 'opening';

const settlesUnknown = refusal(
  'document.settles-unknown',
  (f: { id: string }) => `There is no document “${f.id}” to settle. Choose one of the open ones.`,
);
const settlesOther = refusal(
  'document.settles-other',
  () =>
    'Money settles what the same customer or supplier owes or is owed. Choose an open document of the same party.',
);
const settlesTooMuch = refusal(
  'document.settles-too-much',
  () => 'More would be settled than the document is of. Lower the amount that is settled.',
);

function addTo(sums: Map<string, Amount>, id: string, amount: Amount): void {
  sums.set(id, (sums.get(id) ?? 0) + amount);
}

function faultsOfOne(document: Document, found: Document | undefined, settled: string): Refusal[] {
  if (settled === OPENING) return [];
  if (!found) return [settlesUnknown({ id: settled })];
  const [one, other] = [KIND_FACTS[document.kind].owed, KIND_FACTS[found.kind].owed];
  const isOpposite = one * other === -1 && document.party === found.party;
  return isOpposite ? [] : [settlesOther({})];
}

/** What is wrong with what documents settle: others that are not there, of another party, or for more than they are of. */
export function faultsOfSettlements(subledgers: Subledgers): Refusal[] {
  const { documents } = subledgers;
  if (!documents.some(({ settles }) => settles.length > 0)) return [];
  const byId = new Map(documents.map((document) => [document.id, document]));
  const sums = new Map<string, Amount>();
  const faults = documents.flatMap((document, i) =>
    document.settles.flatMap((each, n): Refusal[] => {
      addTo(sums, document.id, each.amount);
      addTo(sums, each.document, each.amount);
      const odd = faultsOfOne(document, byId.get(each.document), each.document);
      if (each.amount <= 0) odd.push(settlesTooMuch({}));
      return odd.map((fault) => ({ ...fault, at: `documents[${i}].settles[${n}]` }));
    }),
  );
  documents.forEach((document, i) => {
    if ((sums.get(document.id) ?? 0) > worthOfDocument(document, subledgers))
      faults.push(settlesTooMuch({}, `documents[${i}].settles`));
  });
  return faults;
}
