import type { Amount } from '../../model/money/amount.js';
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

/** The sales tax that is said beside a price: on top of it, or in it. */
export function taxOn(said: Told, total: Amount): { readonly net: Amount; readonly tax: Amount } {
  const [percent] = said.of('percent');
  if (!said.has('vat') || !percent) return { net: total, tax: 0 };
  if (said.has('plus|excluding|exclusive|without|add|before'))
    return { net: total, tax: percentOf(total, percent) };
  const net = Math.round((total * 10_000) / (10_000 + percent.value));
  return { net, tax: total - net };
}
