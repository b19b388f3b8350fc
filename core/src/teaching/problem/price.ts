import type { Amount } from '../../model/money/amount.js';
import type { Known } from './known.js';
import { percentOf, type Token } from './token.js';
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
  const counts = new Set(said.of('count').map(({ value }) => value));
  if (isEach && counts.size > 1 && said.verb === 'sell') return null;
  const gross = count && isEach ? count.value * amount.value : amount.value;
  const total = gross - tradeDiscount(said, gross);
  return { total, uses: total === amount.value ? [] : [amount.value], rest };
}

const MEANS: ReadonlySet<string> = new Set(
  'cash bank onaccount creditcard card cheque transfer till invoice'.split(' '),
);

/** Whether how it is paid stands right behind an amount: `940 in cash`, `310 by card`. */
function isWithMeans({ tokens }: Told, amount: Token): boolean {
  const at = tokens.indexOf(amount) + 1;
  const isJoined = ['by', 'in', 'from', 'through', 'with'].includes(tokens[at]?.word ?? '');
  return MEANS.has(tokens[isJoined ? at + 1 : at]?.word ?? '');
}

/** `940 in cash and 310 by card`: no whole is said, but each part of it, and how it is paid; null: it isn’t told so. */
export function pricePaidInParts(said: Told): Price | null {
  const { amounts } = said;
  const isRest = said.has('ofit|rest|balance|remainder|each|per|discount|less|interest');
  if (amounts.length < 2 || isRest || !amounts.every((each) => isWithMeans(said, each)))
    return null;
  return { total: amounts.reduce((sum, { value }) => sum + value, 0), uses: [], rest: said };
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
