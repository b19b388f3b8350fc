import type { Known, KnownAccount, Wanted } from '../known.js';
import { moneyOf, owedFor, paidBy, paidInto } from '../paid.js';
import { meansIn, paymentsOf, type Means } from '../payment.js';
import { priceOf } from '../price.js';
import {
  credit,
  debit,
  does,
  isPaidToOthers,
  isSomebodyElse,
  partyAfter,
  phrase,
  thingFrom,
  titled,
  why,
  wordsOf,
  type Event,
  type Scene,
  type Understood,
} from '../scene.js';
import { bestOf, boughtAs, expenseOf, isGoods, LASTING_TYPES, plainExpense } from '../things.js';
import { OURS } from '../words.js';
import type { Token } from '../token.js';
import { Told } from '../told.js';
import { isBilledToUs, isBillThatCame, isTheirInvoice, serviceAs } from './selling.js';

/** `The actors receive their fees of 1,600`: whoever works for the business is paid. */
export const staffPaid: Event = (scene) => {
  const { said, known, text } = scene;
  if (isPaidToOthers(said)) {
    const expense = plainExpense(wordsOf(scene));
    return expense && costs(scene, expense.name ?? 'cost', expense);
  }
  const isTheirs = /\b(?:their|her|his) (?:\w+ )?(?:pay|fees?|wages?|salar(?:y|ies))\b/i.test(text);
  if (said.verb !== 'receive' || !isTheirs || !isSomebodyElse(said) || said.first === null)
    return null;
  if (said.has('customer|supplier')) return null;
  const wages = known.account({ type: 'staff', name: 'Wages', isGuess: true });
  return does('Wages', [debit(wages, said.first), credit(moneyOf(scene), said.first)]);
};

/** `Toys costing 40 are missing`: goods that are gone without having been sold. */
export const goodsLost: Event = ({ said, known }) => {
  const isGone = said.has(
    'destroy|destroys|destroyed|damaged|missing|stolen|spoiled|spoilt|lose|burnt|broken|shortage',
  );
  if (!isGone || said.first === null || said.amounts.length > 1 || !known.isPerpetual) return null;
  const thing = said.tokens.map((each) => each.said).join(' ');
  const isCounted =
    said.has('count') &&
    said.has('missing|shortage') &&
    !said.has('till|register|float|petty|money');
  if (!(isCounted || isGoods(thing, known)) || said.has('pay|insurance|cash')) return null;
  const lines = [
    debit(known.account({ type: 'cost-of-goods-sold' }), said.first),
    credit(known.account({ type: 'inventory' }), said.first),
  ];
  return does('Goods that are missing', lines);
};

/** What is used up at once: by its name, else something to be looked at. */
const costOf = (thing: string, known: Known): Wanted =>
  expenseOf(thing, known) ?? { type: 'sundry-operating', name: titled(thing), isGuess: true };

/** Such a cost, and how it is paid. */
function costs(
  scene: Scene,
  thing: string,
  { usually = 'bank', ...wanted }: Wanted & { readonly usually?: Means },
): Understood | null {
  const { said, known } = scene;
  const price = priceOf(said);
  const payments = price && paymentsOf(price.rest, price.total, usually);
  if (!payments) return null;
  const account: KnownAccount = known.account(wanted);
  const names = [thing, partyAfter(said, 'from', 'by')];
  const owing = { wanted: owedFor(known, false, thing), names };
  known.last = price.total;
  const lines = [debit(account, price.total), ...paidBy(known, payments, owing)];
  return does(titled(wanted.name ?? thing), lines, [price.total, ...price.uses]);
}

/** `Costumes are hired for 640; the bill comes in April`: done for the business, by a verb that need not be known. */
export const doneForUs: Event = (scene) => {
  const { said, known } = scene;
  const thing = phrase(thingFrom(said.tokens, 0));
  const at = said.indexOf('be');
  const doing = said.tokens[at + 1];
  const isDone = doing?.kind === 'word' && /(?:ed|[^s]t|en|wn)$/.test(doing.said);
  if (!isDone || thing === '' || at > 4 || OURS.includes(said.tokens[0]?.word ?? '')) return null;
  const words = `${thing} ${doing.said}`;
  const isOurs =
    said.has('card|creditcard|bill come|bill will|bill be|from bank|be debit') ||
    isTheirInvoice(said);
  if (!isOurs || said.has('customer|sell') || isGoods(thing, known)) return null;
  if (said.has('invoice') && !isTheirInvoice(said)) return null;
  if (bestOf(thing, LASTING_TYPES) && !said.has('hire|repair|service') && !plainExpense(words))
    return null;
  return costs(scene, thing, costOf(words, known));
};

/** `A wedding is photographed for 1,450; the couple pay 450 at once`: somebody else pays for what is done. */
export const doneForOthers: Event = (scene) => {
  const { said, known } = scene;
  const at = said.indexOf('be');
  const doing = said.tokens[at + 1];
  const isDone = doing?.kind === 'word' && /(?:ed|[^s]t|en|wn)$/.test(doing.said);
  const pays = said.indexOf('pay');
  const payer = said.tokens[pays - 1];
  const isTheirs =
    payer?.kind === 'word' && ![...OURS, 'be', 'to', 'will', 'and'].includes(payer.word);
  if (!isDone || at > 4 || pays < at || !isTheirs || !said.has('for #amount')) return null;
  const price = priceOf(said);
  const payments =
    price && paymentsOf(new Told(price.rest.tokens.slice(at + 2)), price.total, 'bank');
  if (!payments) return null;
  const income = known.account({ ...serviceAs(known), isGuess: true });
  const lines = [...paidInto(known, payments, [payer.said]), credit(income, price.total)];
  return does('Done for customers', lines, [price.total]);
};

/** `Oils and bandages, 410, paid by debit card`: what it is comes first, then what it cost, then how it was paid. */
export const boughtPlainly: Event = (scene) => {
  const { said, known } = scene;
  const at = said.tokens.findIndex(({ kind }) => kind === 'amount');
  const thing = thingFrom(said.tokens, 0);
  const isFirst =
    thing.length > 0 &&
    at <= said.tokens.indexOf(thing.at(-1) as Token) + 2 &&
    said.indexOf('pay') > at;
  if (said.has('dividend|dividends|incometax|vat|loan|of #amount')) return null;
  const isPaid = /^paid$/i.test(said.tokens.find(({ word }) => word === 'pay')?.said ?? '');
  if (!isFirst || !isPaid || said.verb !== 'pay' || said.amounts.length > 1) return null;
  const words = phrase(thing);
  if (plainExpense(words) || known.spokenOf(words, ['prepayment']) || said.has('customer|interest'))
    return null;
  const wanted = boughtAs(words, known, false);
  const account = known.account(wanted);
  for (const { said: word } of thing) known.keptAs.set(word.toLowerCase(), account);
  return costs(scene, words, wanted);
};

/** `Ran an advertisement and was billed 220`: what was done for the business, and is to be paid. */
export const billedToUs: Event = (scene) => {
  const { said, known } = scene;
  if (!(isBilledToUs(said) || isBillThatCame(said)) || said.first === null) return null;
  if (said.has('not|notyet|no|will|estimate')) return null;
  if (said.has('customer|buy|sell|deposit')) return null;
  const words = wordsOf(scene);
  const expense = expenseOf(words, known);
  if (!expense) return why('what the bill is for isn’t said');
  return costs(scene, expense.name ?? 'bill', { ...expense, usually: 'credit' });
};

const NO_COST =
  'sell|buy|customer|receive|invoice|earn|use|remain|estimate|return|owner|rise|worth|goods|store|still';

/** `The apprentice’s wage for January was 780`, `Wages for three weeks: 990`: what it cost, in so many words. */
export const costPlainly: Event = (scene) => {
  const { said, known } = scene;
  const isFilled = said.verb === 'put' && said.has('put fuel|put petrol|put diesel');
  const isPlain = (['', 'pay'].includes(said.verb) || isFilled) && said.amounts.length === 1;
  if (!isPlain || said.has(NO_COST)) return null;
  const expense = plainExpense(wordsOf(scene)) && expenseOf(wordsOf(scene), known);
  if (!expense) return null;
  const isSaid = said.has('be #amount|be about #amount|come to #amount') || meansIn(said) !== null;
  const isListed = said.tokens.at(-1)?.kind === 'amount' || said.tokens.at(-2)?.kind === 'amount';
  if (!isSaid && !isListed) return why('whether it is paid isn’t said');
  if (expense.type === 'insurance' && said.of('span').some(({ value }) => value > 1))
    return why('whether it is paid ahead isn’t said plainly');
  return costs(scene, expense.name ?? 'expense', expense);
};
