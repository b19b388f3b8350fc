import type { Amount } from '../../../model/money/amount.js';
import type { Known, KnownAccount, KnownLine, Wanted } from '../known.js';
import { owedFor, paidBy, termsIn } from '../paid.js';
import { meansIn, paymentsOf } from '../payment.js';
import { NO_RATE, priceOf, pricePaidInParts, taxOn } from '../price.js';
import {
  debit,
  does,
  isBoughtByOthers,
  isReceivedWithBill,
  isSomebodyElse,
  partyAfter,
  phrase,
  thingAfter,
  thingFrom,
  titled,
  why,
  type Event,
  type Scene,
  type Understood,
} from '../scene.js';
import type { Token } from '../token.js';
import { bestOf, boughtAs, isGoods, LASTING_TYPES } from '../things.js';
import { Told } from '../told.js';

const taxLine = (known: Known, tax: Amount): KnownLine[] =>
  tax === 0 ? [] : [debit(known.account({ type: 'sales-tax' }), tax)];

/** What lasts is kept: it wears, and can be sold. */
function keep({ day, known, said }: Scene, account: KnownAccount, cost: Amount): void {
  const count = said.of('count')[0]?.value ?? 1;
  if (LASTING_TYPES.includes(account.type))
    known.remembered.lasting.push({ account, cost, from: day, residual: 0, months: 0, count });
}

/** What a piece had cost of what was bought by number: by its words it is known where some go back, or are sold. */
function keepPrice({ said, known }: Scene, thing: string, net: Amount): void {
  const [count, ...others] = said.of('count');
  if (!count || others.length > 0 || count.value === 0 || net % count.value !== 0) return;
  known.remembered.prices.push({ thing, each: net / count.value, count: count.value });
}

/** What is named as bought: behind *buy*, or before it (`a van is bought`). */
function boughtThing(said: Told): { readonly thing: string; readonly isOne: boolean } {
  const isTold = said.has('buy|be deliver');
  const isGot = isReceivedWithBill(said);
  const at = said.indexOf(isGot ? 'receive' : isTold ? 'buy' : 'deliver');
  const after = at < 0 ? [] : thingFrom(said.tokens, at + 1);
  const tokens = after.length > 0 ? after : thingFrom(said.tokens, 0);
  const start = tokens[0] ? said.tokens.indexOf(tokens[0]) : 0;
  const before = said.tokens.slice(Math.max(0, start - 2), start).map(({ word }) => word);
  const isMany = /[^s]s$/.test(tokens.at(-1)?.said ?? '');
  return { thing: phrase(tokens), isOne: before.includes('a') && !isMany };
}

/** `Two spotlights at 275 each`: a few things, none of them cheap, are kept like one. */
const isFewAndDear = (said: Told): boolean =>
  said.has('each|apiece') &&
  (said.of('count')[0]?.value ?? 99) <= 12 &&
  (said.first ?? 0) >= 10_000;

const CARRIAGE = /\b(?:carriage|freight|delivery|transport|haulage|carrier|haulier)\b/i;

/** What is gone as soon as it is there. */
const USED_NOW = /\bused (?:up )?(?:right away|at once|immediately|the same day)\b/i;

/** `Ropes, floats and timing equipment`: where the first of a list tells nothing, what its last is. */
function ofList(said: Told, wanted: Wanted): Wanted {
  const end = said.tokens.findIndex(({ kind, word }) => kind === 'amount' || word === 'for');
  const and = said.tokens.findLastIndex(({ word }, i) => word === 'and' && i < end);
  const isList = said.tokens.slice(0, Math.max(0, and)).some(({ kind }) => kind === 'comma');
  if (!wanted.isGuess || !isList) return wanted;
  const last = bestOf(phrase(said.tokens.slice(and + 1, end)), LASTING_TYPES);
  return last ? { ...wanted, type: last.type } : wanted;
}

function wantedOf({ said, known, text }: Scene, thing: string, isOne: boolean): Wanted {
  const goods = { type: known.isPerpetual ? 'inventory' : 'purchases' };
  if (CARRIAGE.test(thing) && !bestOf(thing, LASTING_TYPES))
    return known.isPerpetual ? goods : { type: 'carriage-in' };
  if (USED_NOW.test(text)) return { type: 'sundry-operating', name: titled(thing), isGuess: true };
  if (said.verb === 'need') return { type: 'repairs', name: 'Repairs', isGuess: true };
  const isForHire = said.has('for hire|to hire|for rent|to rent');
  if (isForHire) return { type: 'plant-equipment', name: titled(thing) };
  if (said.has('for sale|for resale|to sell')) {
    for (const word of thing.toLowerCase().split(' ')) known.goods.add(word);
    return goods;
  }
  if (isGoods(thing, known)) return goods;
  const wanted = ofList(said, boughtAs(thing, known, isOne));
  const isForUse = /office|workshop|shop|cleaning|use/i.test(thingAfter(said, 'for'));
  if (
    wanted.isGuess &&
    wanted.type === 'supplies' &&
    /\b(?:bought|buys|purchased) new \p{L}+s\b/iu.test(text)
  )
    return { ...wanted, type: 'plant-equipment' };
  return wanted.isGuess && isForUse && !isOne ? { type: 'supplies' } : wanted;
}

/** `New beds cost 5,500 and were paid for by cheque`. */
const isCosting = ({ said }: Scene): boolean =>
  said.has('cost') &&
  said.has('pay|onaccount|owe') &&
  ['', 'pay', 'owe', 'need'].includes(said.verb);

const BILL_LATER =
  'bill be due|bill be payable|bill come|bill follow|bill follows|bill will|invoice be due';

/** That goods are received says nothing of how they are paid. */
const withoutArrival = (rest: Told): Told =>
  new Told(
    rest.tokens.filter((token, i) => token.word !== 'receive' || rest.tokens[i - 1]?.word !== 'be'),
  );

/** `Flour for 740 is delivered`: to nobody else, so to the business. */
function isBroughtToUs({ said, known }: Scene): boolean {
  if (said.has('buy|sell|customer') || said.first === null) return false;
  const thing = phrase(thingFrom(said.tokens, 0));
  const isEach = said.of('count').length > 0 && said.has('each|apiece') && said.has('pay for');
  if (isEach && bestOf(thing, LASTING_TYPES)) return true;
  if (said.has('be receive') && said.has(BILL_LATER)) return true;
  const isThing = isGoods(thing, known) || bestOf(thing, ['supplies', 'inventory']) !== null;
  if (said.has('invoice from|bill from')) return isThing || bestOf(thing, LASTING_TYPES) !== null;
  if (said.has('deliver') && !said.has('be deliver')) return isSomebodyElse(said, 'deliver');
  if (said.has('come from|arrive from'))
    return isThing || (said.has('invoice|bill') && !/^(?:bill|invoice)/i.test(thing));
  if (isReceivedWithBill(said)) return true;
  if (said.verb === '' && said.has('from') && said.has('invoice payable|bill payable')) return true;
  if (said.verb === '' && said.has('onaccount from') && said.amounts.length === 1)
    return isThing || bestOf(thing, LASTING_TYPES) !== null;
  if (said.has('be order')) return said.has('creditcard|card|cash');
  return said.has('be deliver') && !said.has('be deliver to') && !said.has('pay for');
}

const NO_THING: ReadonlySet<string> = new Set(
  'ofit cheque note rest balance remainder discount carriage deposit give pay half'.split(' '),
);

interface Bought {
  readonly thing: string;
  readonly isOne: boolean;
  readonly amount: Amount;
}

/** `Land for 12,000 and a building for 40,000`: each thing with its price, and what is said behind the last. */
function pricedThings({ tokens }: Told): { things: Bought[]; rest: Told } {
  const things: Bought[] = [];
  let at = tokens.findIndex(({ word }) => word === 'buy') + 1;
  let end = at;
  while (at > 0 && at < tokens.length) {
    const named = thingFrom(tokens, at);
    const after = named.length === 0 ? -1 : tokens.indexOf(named.at(-1) as Token) + 1;
    const price = ['for', 'at', 'cost', ','].includes(tokens[after]?.word ?? '')
      ? after + 1
      : after;
    const amount = after < 0 ? undefined : tokens[price];
    const isOther =
      named.some(({ word }) => NO_THING.has(word)) || (things.length > 0 && price === after);
    if (amount?.kind !== 'amount' || isOther) break;
    const isOne = tokens.slice(at, after).some(({ word }) => word === 'a');
    things.push({ thing: phrase(named), isOne, amount: amount.value });
    end = price + 1;
    at = end;
    while ([',', 'and'].includes(tokens[at]?.word ?? '')) at++;
  }
  return { things, rest: new Told(tokens.slice(end)) };
}

/** Several things that are bought together, each with its own price. */
function severalBought(scene: Scene): Understood | null {
  const { said, known } = scene;
  const { things, rest } = pricedThings(said);
  if (things.length < 2 || said.has('each|vat|per')) return null;
  const total = things.reduce((sum, { amount }) => sum + amount, 0);
  const payments = paymentsOf(rest, total, 'bank');
  if (!payments) return why('the parts that are paid don’t add up to the whole');
  const debits = things.map(({ thing, isOne, amount }) => {
    const account = known.account(wantedOf(scene, thing, isOne));
    keep(scene, account, amount);
    return debit(account, amount);
  });
  const isLasting = debits.every(({ account }) => LASTING_TYPES.includes(account.type));
  const names = things.map(({ thing }) => thing);
  const owing = { wanted: owedFor(known, isLasting, names[0] ?? ''), names };
  known.last = total;
  return does('Bought together', [...debits, ...paidBy(known, payments, owing)]);
}

/** What comes with its bill is not paid yet. */
const usuallyPaid = ({ said, text }: Scene) =>
  /\bn\/\d{1,2}\b|\bnet \d{1,2} days\b/i.test(text) ||
  isReceivedWithBill(said) ||
  (said.has('be deliver by|be deliver from') && meansIn(said) === null) ||
  (said.has('come from|arrive from') && said.has('invoice|bill') && !said.has('pay'))
    ? 'credit'
    : 'bank';

/** `Office furniture` is spoken of as the furniture, too. */
const lastWordOf = (thing: string): string => thing.split(' ').at(-1) ?? '';

/** `900 was paid, and 5,100 will be paid in instalments`. */
const isPaidAndOwed = (said: Told): boolean =>
  said.has('#amount be pay') &&
  said.has('#amount will be pay|#amount be owe|#amount be due|#amount remain|#amount be to be pay');

/** `Wood is bought: 900 in cash, and another 1,600 on account`: what it costs is what is paid and owed. */
function pricePaidAndOwed(said: Told): ReturnType<typeof priceOf> {
  const [first, second, ...more] = said.amounts;
  if (!first || !second || more.length > 0) return null;
  const whole = { total: first.value + second.value, uses: [], rest: said };
  if (isPaidAndOwed(said)) return whole;
  const isTwo = said.has('another #amount|further #amount|and #amount onaccount');
  if (!isTwo || !said.has('cash|bank')) return null;
  const behind = said.tokens[said.tokens.indexOf(first) + 1]?.word ?? '';
  return ['cash', 'bank', 'from', 'in', 'by'].includes(behind) ? whole : null;
}

/** `Buys a kiln for 6,000, half from the bank, the rest is owed`: something bought, and how it is paid. */
export const buying: Event = (scene) => {
  const { said, known } = scene;
  const isOurs = said.has('buy') && said.verb !== 'pay' && !isBoughtByOthers(said);
  const isBought = isOurs || isBroughtToUs(scene);
  if (!isBought && !(isCosting(scene) && said.of('span').length === 0)) return null;
  const price = pricePaidAndOwed(said) ?? pricePaidInParts(said) ?? priceOf(said);
  const { thing, isOne } = boughtThing(said);
  const several = severalBought(scene);
  if (several) return several;
  if (thing === '') return why('what is bought isn’t said');
  if (!price) return why(`what is paid for ${thing.toLowerCase()} isn’t said`);
  const taxed = taxOn(said, price.total, known);
  if (!taxed) return why(NO_RATE);
  const { net, tax } = taxed;
  if (price.rest.has('for #amount') && !price.rest.has('cheque for #amount|note for #amount'))
    return why('several things are bought together: say each by itself');
  const payments = paymentsOf(withoutArrival(price.rest), net + tax, usuallyPaid(scene));
  if (!payments) return why('the parts that are paid don’t add up to the whole');
  const account = known.account(wantedOf(scene, thing, isOne || isFewAndDear(said)));
  const isLasting = LASTING_TYPES.includes(account.type);
  const owing = {
    wanted: owedFor(known, isLasting, thing),
    names: [
      thing,
      ...(isLasting ? [lastWordOf(thing)] : []),
      'supplier',
      partyAfter(said, 'from', 'to', 'by'),
      thingAfter(said, 'from'),
    ],
    percent: termsIn(scene.text),
  };
  keep(scene, account, net);
  keepPrice(scene, thing, net);
  if (['supplies', 'inventory'].includes(account.type))
    for (const word of thing.toLowerCase().split(' ')) known.keptAs.set(word, account);
  known.last = net + tax;
  const lines = [debit(account, net), ...taxLine(known, tax), ...paidBy(known, payments, owing)];
  return does(titled(thing), lines, [...price.uses, price.total]);
};

/** `Carriage of 30 on the flour is paid`: part of what the goods cost. */
export const carriagePaid: Event = (scene) => {
  const { said, known } = scene;
  const begins = phrase(said.tokens.slice(0, 4));
  const isSending =
    said.has('pay #amount to ship|pay #amount to deliver|pay #amount to send') ||
    (said.firstWord?.word === 'pay' && said.has('for delivery of') && said.has('to customer'));
  const isOf =
    isSending ||
    (CARRIAGE.test(begins) && !bestOf(begins, LASTING_TYPES) && said.tokens[0]?.word !== 'sell');
  if (
    !isOf ||
    (said.verb === 'buy' && !said.has('be pay')) ||
    said.first === null ||
    !said.has('pay|owe|onaccount')
  )
    return null;
  const payments = paymentsOf(priceOf(said)?.rest ?? said, said.first, 'bank');
  if (!payments) return null;
  const isOut = isSending || said.has('sell|to customer|customer|out|outward|outwards');
  const inward = known.isPerpetual ? 'inventory' : 'carriage-in';
  const account = known.account({ type: isOut ? 'carriage-out' : inward });
  known.hasCarriage ||= !isOut;
  const owing = { wanted: owedFor(known, false, 'carriage'), names: ['carriage', 'carrier'] };
  return does(isOut ? 'Carriage out' : 'Carriage in', [
    debit(account, said.first),
    ...paidBy(known, payments, owing),
  ]);
};
