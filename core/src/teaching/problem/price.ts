import type { Amount } from '../../model/money/amount.js';
import type { Known } from './known.js';
import { percentOf } from './token.js';
import { Told } from './told.js';

interface Price {
  readonly total: Amount;
  /** A price for each, which stands in no line. */
  readonly uses: readonly Amount[];
  /** The sentence without its price: in what is left stands how it is paid. */
  readonly rest: Told;
}

/** A trade discount is taken off at once, and stands in no account. */
function tradeDiscount(said: Told, gross: Amount): Amount {
  const [percent] = said.of('percent');
  return percent && said.has('trade discount') ? percentOf(gross, percent) : 0;
}

/** What something costs: an amount that is said, or so many at a price each; null: nothing is said. */
export function priceOf(said: Told): Price | null {
  const at = said.tokens.findIndex(({ kind }) => kind === 'amount');
  const amount = said.tokens[at];
  if (!amount) return null;
  const rest = new Told(said.tokens.filter((each, i) => i !== at && each.kind !== 'count'));
  const [count] = said.of('count');
  const isEach = said.has('each|per|@|×|at #amount|for #amount apiece');
  const gross = count && isEach ? count.value * amount.value : amount.value;
  const total = gross - tradeDiscount(said, gross);
  return { total, uses: total === amount.value ? [] : [amount.value], rest };
}

interface Taxed {
  readonly net: Amount;
  readonly tax: Amount;
}

/**
 * The sales tax that is said beside a price: on top of it, or in it, at the rate that is said with it or once for all; null:
 * nobody says the rate.
 */
export function taxOn(said: Told, total: Amount, { taxRate }: Known): Taxed | null {
  if (!said.has('vat') || said.has('without vat|no vat|exempt')) return { net: total, tax: 0 };
  const rate = said.of('percent')[0]?.value ?? taxRate;
  if (rate === null) return null;
  if (said.has('plus|excluding|exclusive|add|before|net of|ex'))
    return { net: total, tax: Math.round((total * rate) / 10_000) };
  const net = Math.round((total * 10_000) / (10_000 + rate));
  return { net, tax: total - net };
}

/** Where a rate is wanted that nobody says. */
export const NO_RATE = 'the rate of the tax isn’t said';
