import type { Amount } from '../../model/money/amount.js';
import { percentOf, percentWithin } from '../../model/money/quantity.js';
import type { Document, DocumentLine } from '../../model/shapes/document.js';
import type { TaxRule } from '../../model/shapes/tax-rule.js';

/** What of a document has one tax code, and the tax on it: minor units, both of the sign of its lines. */
interface TaxOfDocument {
  readonly rule: TaxRule;
  readonly net: Amount;
  readonly tax: Amount;
}

/** A document without the tax in its prices, and the tax of each code, reckoned once on the sum of its lines. */
export interface Taxed {
  readonly net: Document;
  readonly taxes: readonly TaxOfDocument[];
}

/** What a line is worth as it is written: its amount, or so many at its price; minor units. */
type WorthOf = (line: DocumentLine) => Amount;

/** Takes the tax out of the worth of some lines: what is rounded on the way ends in the sum of all. */
function takeOut(worths: Amount[], at: readonly number[], rate: TaxRule['rate']): void {
  let gross = 0;
  let taken = 0;
  for (const i of at) {
    gross += worths[i] ?? 0;
    const tax = percentWithin(rate, gross) - taken;
    taken += tax;
    worths[i] = (worths[i] ?? 0) - tax;
  }
}

const sumAt = (worths: readonly Amount[], at: readonly number[]): Amount =>
  at.reduce((sum, i) => sum + (worths[i] ?? 0), 0);

/**
 * What a document says of tax. Where its prices hold the tax it is taken out of them, else it comes on top; each code’s tax
 * is reckoned on the sum of its lines and rounded once, halves away from zero (EN 16931-1, BT-116 to BT-119).
 */
export function taxed(document: Document, rules: readonly TaxRule[], worth: WorthOf): Taxed {
  if (rules.length === 0) return { net: document, taxes: [] };
  const { lines, pricesIncludeTax: holds = false } = document;
  const codes = new Set(lines.map(({ taxCode }) => taxCode));
  const used = rules.filter(({ code }) => codes.has(code));
  if (used.length === 0) return { net: document, taxes: [] };
  const written = lines.map(worth);
  const worths = [...written];
  const taxes = used.map((rule) => {
    const at = lines.flatMap(({ taxCode }, i) => (taxCode === rule.code ? [i] : []));
    if (holds) takeOut(worths, at, rule.rate);
    const net = sumAt(worths, at);
    return { rule, net, tax: holds ? sumAt(written, at) - net : percentOf(rule.rate, net) };
  });
  if (!holds) return { net: document, taxes };
  const bare = lines.map((line, i) => ({ ...line, amount: worths[i] ?? 0 }));
  return { net: { ...document, lines: bare }, taxes };
}
