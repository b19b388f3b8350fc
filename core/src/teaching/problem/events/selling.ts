import type { Amount } from '../../../model/money/amount.js';
import type { Known, KnownLine, Wanted } from '../known.js';
import { paidInto } from '../paid.js';
import { meansIn, paymentsOf } from '../payment.js';
import { NO_RATE, priceOf, pricePaidInParts, taxOn } from '../price.js';
import {
  credit,
  debit,
  entry,
  isBoughtByOthers,
  isSomebodyElse,
  partyAfter,
  phrase,
  thingAfter,
  thingBefore,
  thingFrom,
  titled,
  why,
  type Event,
  type Happening,
  type Scene,
  type Understood,
} from '../scene.js';
import { bestOf, isGoods, LASTING_TYPES, plainExpense } from '../things.js';
import { Told } from '../told.js';
import { DOING, OURS } from '../words.js';

const AHEAD = [
  'voucher',
  'vouchers',
  'pass',
  'passes',
  'subscription',
  'subscriptions',
  'certificate',
  'certificates',
  'gift',
  'membership',
  'memberships',
];

/** Whoever is not sold things: something is done for them. */
const SERVED =
  /^(?:patient|client|guest|student|pupil|passenger|member|participant|attendee|learner|trainee|delegate)s?$/i;

const COURSE = /\b(?:lessons?|(?<!of )courses?|classes|training|tuition|sessions?)\b/i;
const THINGS = /^(?:clothing|bedding|building|string|lighting|wedding|evening|morning|spring)$/;

const isDoingWord = (word: string): boolean => /^\p{Ll}{3,}ing$/u.test(word) && !THINGS.test(word);

/** What is done is a service: a repair, `for walking his dog`. */
const isDoing = (said: Told): boolean =>
  said.has('service|perform|earn|work|job|jobs|for repair|for repairs|for repairing') ||
  said.tokens.some(({ word }, i) => word === 'for' && isDoingWord(said.tokens[i + 1]?.said ?? ''));

/** What is sold becomes: goods sold, a service done, or a promise of something later. */
export function soldAs(thing: string, { said, known, text }: Scene): Wanted {
  if (isGoods(thing, known)) return { type: 'goods-sales' };
  const isAhead = said.has('advance|beforehand|prepay|voucher|vouchers|next');
  const given = known.spokenOf(thing, [
    'goods-sales',
    'service-fees',
    ...(isAhead ? ['deferred-income'] : []),
  ]);
  if (given?.isGiven) return { type: given.type, name: given.name };
  const best = bestOf(thing, ['goods-sales', 'service-fees']);
  const isPlain = known.goods.size === 0 && said.has('invoice');
  const isService =
    isPlain ||
    isUseOf(said) ||
    (known.goods.size === 0 && said.tokens.some((each) => SERVED.test(each.said))) ||
    isDoing(said) ||
    (COURSE.test(text) && !said.has('sell|goods')) ||
    (known.isService && known.goods.size === 0 && !said.has('sell|goods|sales')) ||
    best?.type === 'service-fees';
  if (isService) return serviceAs(known);
  return { type: 'goods-sales', isGuess: best === null && known.goods.size > 0 };
}

/** Where services are told: on the account for fees, or on sales where a list has no other. */
export function serviceAs(known: Known): Wanted {
  const [given] = known.ofType('service-fees');
  const [sales] = known.ofType('goods-sales').filter(({ isGiven }) => isGiven);
  if (given) return { type: 'service-fees', name: given.name };
  return sales ? { type: 'goods-sales', name: sales.name } : { type: 'service-fees' };
}

/** What the goods had cost that are sold: said beside the price, or found by nothing. */
function costIn(said: Told): { readonly cost: Amount; readonly rest: Told } | null {
  const at = said.tokens.findIndex(
    ({ word }, i) =>
      word === 'cost' && said.tokens.slice(i + 1, i + 6).some((each) => each.kind === 'amount'),
  );
  if (at < 0) return null;
  const after = said.tokens.slice(at).findIndex(({ kind }) => kind === 'amount') + at;
  const amount = said.tokens[after];
  if (!amount) return null;
  const isEach = ['each', 'apiece'].includes(said.tokens[after + 1]?.word ?? '');
  const count = said.of('count')[0]?.value ?? 1;
  const rest = said.tokens.filter((_, i) => i < at || i > after + (isEach ? 1 : 0));
  return { cost: amount.value * (isEach ? count : 1), rest: new Told(rest) };
}

/** The cost of goods that were sold leaves the stock. */
export const costOf = (known: Known, cost: Amount): Happening =>
  entry(
    'Cost of what was sold',
    debit(known.account({ type: 'cost-of-goods-sold' }), cost),
    credit(known.account({ type: 'inventory' }), cost),
  );

const taxLine = (known: Known, tax: Amount): KnownLine[] =>
  tax === 0 ? [] : [credit(known.account({ type: 'sales-tax' }), tax)];

/** What goods had cost of which each had cost the same, where the cost of every sale is to be recorded. */
function costReckoned({ said, known }: Scene, thing: string): { readonly cost: Amount } | null {
  const [count, ...others] = said.of('count');
  const isPlain = known.recordsCost && !known.hasGaps && !known.hasCarriage;
  const each = isPlain && count ? known.priceOf(thing, count.value) : null;
  return count && others.length === 0 && each !== null ? { cost: count.value * each } : null;
}

function soldThing(said: Told): string {
  const verbs =
    isBoughtByOthers(said) || said.verb === 'take'
      ? ['buy', 'take']
      : ['sell', 'perform', 'invoice', 'earn', 'charge'];
  const at = said.indexOf(...verbs);
  const after = phrase(thingFrom(said.tokens, at + 1));
  const other = thingAfter(said, 'for');
  if (said.has('invoice|charge') && other !== '') return other;
  return after || other || phrase(thingFrom(said.tokens, 0));
}

const EARNS: ReadonlySet<string> = new Set([...OURS, 'fees', 'commission']);

/** Whether what is earned is the business’s: nobody else is named before it. */
function isOurs({ tokens }: Told): boolean {
  const before = tokens.slice(
    0,
    tokens.findIndex(({ word }) => word === 'earn'),
  );
  const isPassive = before.some(({ word }) => word === 'be' || word === 'have');
  return isPassive || before.every(({ word, kind }) => kind !== 'word' || EARNS.has(word));
}

/** `Treated animals for cash of 2,150`: whatever it is that was done, money came in for it. */
const isDoneForMoney = ({ said }: Scene): boolean => {
  const [first] = said.tokens;
  const isPassive = said.tokens[1]?.word === 'be';
  if (first?.word === 'give' && said.has('onaccount')) return true;
  const isDone =
    first?.kind === 'word' && /(?:ed|s)$/.test(first.said) && first.isNamed === true && !isPassive;
  const paysNow = paysAllNow(said);
  const isVerbless = said.verb === '' || said.has('will pay') || paysNow;
  return isDone && isVerbless && (paysNow || said.has('cash|onaccount|invoice|will pay'));
};

/** `Translated a web site for a hotel, which paid 1,150`. */
const PAYS_NOW = 'which pay #amount|who pay #amount|that pay #amount';

/** All of it, and for what has been done: no part, and nothing ahead. */
const paysAllNow = (said: Told): boolean =>
  said.has(PAYS_NOW) &&
  !said.has('onaccount|advance|beforehand|deposit|downpayment|#share|#percent|remain|rest|balance');

/** What was done for money or on account, by a verb that is not known: a service, to be looked at. */
export const doneForMoney: Event = (scene) => {
  const { said, known } = scene;
  if (!isDoneForMoney(scene)) return null;
  const price = priceOf(said);
  const payments =
    price &&
    (paysAllNow(said)
      ? [
          {
            means: meansIn(said) === 'cash' ? ('cash' as const) : ('bank' as const),
            amount: price.total,
            said,
          },
        ]
      : paymentsOf(price.rest, price.total, 'bank'));
  if (!payments) return null;
  const account = known.account({ ...serviceAs(known), isGuess: true });
  const lines = [...paidInto(known, payments, ['customer']), credit(account, price.total)];
  return { entries: [entry('Done for customers', ...lines)], uses: price.uses };
};

/** `...; the cafe pays next week`: said beside the sale. */
const PAYS_LATER =
  /\bpays? (?:next|later|monthly|weekly|within|in \d|at the end)|\bmonthly account\b/i;

/** `Candles worth 1,150 are delivered to the Lantern Inn`: to whoever is named. */
const isDelivered = (said: Told): boolean =>
  said.has('be deliver to') &&
  !OURS.includes(said.tokens[said.indexOf('deliver') + 2]?.word ?? 'business');

/** `...is overhauled by Tidal Engineering; their invoice is due in March`: what the business has to pay. */
export const isTheirInvoice = (said: Told): boolean =>
  said.has(
    'invoice be due|invoice for #amount be due|invoice of #amount be due|invoice be payable',
  ) && partyAfter(said, 'by', 'from') !== '';

/** `And was billed 220`, `they invoice us for 90`: nobody stands before it, so it is the business that has to pay. */
export function isBilledToUs({ tokens }: Told): boolean {
  const at = tokens.findIndex(
    ({ word, said: own }) => word === 'invoice' && /^(?:billed|invoiced|charged)$/i.test(own),
  );
  if (at < 0) return false;
  if (['us', 'me', 'business', 'owner'].includes(tokens[at + 1]?.word ?? '')) return true;
  if (['a', 'customer'].includes(tokens[0]?.word ?? '')) return false;
  const isPassive = tokens[at - 1]?.word === 'be';
  const before = tokens[at - 2] ?? { kind: 'comma', word: ',' };
  return (
    isPassive && (before.kind === 'comma' || before.word === 'and' || OURS.includes(before.word))
  );
}

/** `A printer sent her an invoice for 90`: from somebody else, to one who may be the business. */
const isSentToUs = ({ said, text }: Scene): boolean =>
  /\b(?:sent|gave|mailed) (?:her|him|us|me) (?:an? |the |their )?(?:bill|invoice)\b/i.test(text) &&
  isSomebodyElse(said, 'invoice');

/** `It delivered parcels and sent an invoice for 780`: the business asks others for money. */
export const isOurBill = (said: Told): boolean =>
  said.has('and invoice') &&
  OURS.includes(said.firstWord?.word ?? '') &&
  !isTheirInvoice(said) &&
  !isBilledToUs(said);

/** Up to where something else is told of what stands before: `came in, it will be paid in April`. */
function untilNext(said: Told, at: number): Told {
  const next = said.tokens.findIndex(
    ({ kind }, i) => i > at && kind === 'comma' && said.tokens[i + 1]?.word === 'it',
  );
  return next < 0 ? said : said.cut(next)[0];
}

/** `The printer’s invoice for programmes came in`: no verb, but what somebody has sent. */
export function isBillThatCame(said: Told): boolean {
  const at = said.tokens.findIndex(({ word }) => ['invoice', 'bill', 'statement'].includes(word));
  const isNoun =
    at > 0 &&
    !said.has('bank') &&
    /^(?:invoices?|bills?|statement)$/i.test(said.tokens[at]?.said ?? '');
  const [, after] = said.cut(at);
  const isYet = untilNext(said, at).has('not|notyet|no|will|estimate|be due|follow|follows');
  return isNoun && !isYet && after.has('come|arrive|be receive|be deliver');
}

/** `Rented twelve canoes to a summer camp`. */
function isRentedOut({ tokens }: Told): boolean {
  const at = tokens.findIndex(({ word }) => ['rented', 'rents', 'leased', 'let'].includes(word));
  const to = tokens.findIndex(({ word }, i) => at >= 0 && i > at && word === 'to');
  return (
    to > 0 &&
    to - at < 6 &&
    tokens[to + 1]?.kind === 'word' &&
    !DOING.has(tokens[to + 1]?.word ?? '')
  );
}

/** `The couple were charged a commission of 280`: whoever it is that is charged, it is not the business. */
const isChargedToOthers = (said: Told): boolean =>
  said.has('be charge') &&
  !said.has('bank|creditcard|card|which be charge|that be charge|it be charge') &&
  !isChargedToUs(said) &&
  said.indexOf('be') > 0;

function isChargedToUs({ tokens }: Told): boolean {
  const at = tokens.findIndex(({ word }, i) => word === 'be' && tokens[i + 1]?.word === 'charge');
  const before = tokens[at - 1];
  return (
    before === undefined ||
    before.kind !== 'word' ||
    [
      ...OURS,
      ...'and interest fee fees supplies depreciate month rent insurance wage premium'.split(' '),
    ].includes(before.word)
  );
}

/** `Fitted a kitchen for Mrs Abel and charged 3,300`: for what was done. */
const isDoneAndCharged = (said: Told): boolean =>
  /\p{L}{2}ed$/u.test(said.firstWord?.said ?? '') && said.has('and charge #amount');

const isSale = (said: Told): boolean =>
  // `Paid for the carriage of what was sold`: what is done first is paying.
  (said.has('sell|perform|sales') && said.firstWord?.word !== 'pay') ||
  isChargedToOthers(said) ||
  isRentedOut(said) ||
  isBoughtByOthers(said) ||
  // What comes with its invoice was bought.
  (said.has('invoice') &&
    !said.has('be deliver|invoice from') &&
    !(said.has('cost #amount') && said.has('invoice payable|invoice be payable')) &&
    !(said.has('from') && said.has('invoice payable|bill payable')) &&
    !isTheirInvoice(said) &&
    !['arrive', 'come'].includes(said.verb) &&
    !isBilledToUs(said) &&
    !isBillThatCame(said) &&
    !said.has('come from|arrive from') &&
    !said.has('arrive')) ||
  (said.has('takings') && ['', 'receive', 'count'].includes(said.verb)) ||
  (said.has('revenue') && said.has('be #amount') && said.verb === '') ||
  (said.verb === 'earn' && isOurs(said) && !said.has('advance')) ||
  (said.verb === 'charge' && (said.has('customer') || isDoneAndCharged(said))) ||
  isDelivered(said);

/** `The tea house takes honey for 190`: goods that somebody else takes. */
const isTakenByOthers = ({ said, known }: Scene): boolean =>
  said.verb === 'take' &&
  isSomebodyElse(said, 'take') &&
  said.has('for #amount') &&
  isGoods(thingAfter(said, 'take'), known);

/** `The lamps cost 15 each`: what the goods had cost that were sold last. */
export const costTold: Event = ({ said, known }) => {
  const isIt =
    said.has('cost') &&
    said.first !== null &&
    !said.has('pay|buy|return|onaccount|will cost|missing') &&
    (!said.has('sell') || said.has('sell cost|sales be') || said.tokens[0]?.word === 'cost');
  if (!isIt || known.soldLast === null || !known.isPerpetual || !['', 'sell'].includes(said.verb))
    return null;
  if (plainExpense(thingBefore(said, 'cost'))) return null;
  const each = said.first ?? 0;
  const cost = said.has('each|apiece|per') ? each * known.soldLast : each;
  known.soldLast = null;
  return { entries: [costOf(known, cost)], uses: [each] };
};

/** `Invoiced the hotel for bicycles hired by its guests`: what lasts is kept, and its use is paid for. */
const isUseOf = (said: Told): boolean =>
  said.has('hire by|hire of|rental of|rental|use of') || isRentedOut(said);

/** What looks like a sale, and may be none. */
function unsureOf(scene: Scene): Understood | null {
  const { said } = scene;
  if (isSentToUs(scene)) return why('who has to pay whom isn’t said plainly');
  return said.has('earn') && said.has('#amount of fee')
    ? why('which fee it is that is earned in part isn’t known')
    : null;
}

/** `Sells bowls for 1,150, of which 400 in cash`: something sold, and what it had cost where that is said. */
export const selling: Event = (scene) => {
  const { said, known } = scene;
  if (!(isSale(said) || isTakenByOthers(scene)) || said.has('notyet invoice|bank charge'))
    return null;
  const unsure = unsureOf(scene);
  if (unsure) return unsure;
  if (said.has('have pay') && said.has('advance|deposit'))
    return why('what was paid before is part of it, and how isn’t said plainly');
  const toldCost = costIn(said);
  const main = toldCost?.rest ?? said;
  const price = pricePaidInParts(main) ?? priceOf(main);
  const thing = soldThing(main);
  const cost = toldCost ?? costReckoned(scene, thing);
  if (!price) return why('what it is sold for isn’t said');
  if (main.has('less #percent') && !main.has('discount|vat'))
    return why('what comes off the price isn’t said plainly');
  const old = known.spokenOf(thing, LASTING_TYPES);
  if (old && !isGoods(thing, known) && !isUseOf(main)) return null;
  const taxed = taxOn(main, price.total, known);
  if (!taxed) return why(NO_RATE);
  const { net, tax } = taxed;
  const isLater = main.has('invoice') || isDelivered(main) || PAYS_LATER.test(scene.text);
  const usual = isLater ? 'credit' : 'bank';
  const payments = paymentsOf(price.rest, net + tax, usual);
  if (!payments) return why('the parts that are paid don’t add up to the whole');
  const wanted = wantedOf(thing, scene, main);
  const income = credit(known.account(wanted), net);
  known.last = net + tax;
  if (wanted.type === 'deferred-income') keepPromise(scene, income);
  known.soldLast = cost ? null : (main.of('count')[0]?.value ?? 1);
  const lines = [
    ...paidInto(known, payments, [thing, ...buyersIn(main)]),
    income,
    ...taxLine(known, tax),
  ];
  const entries = [entry(titled(thing || 'sales'), ...lines)];
  if (thing !== '') known.sold.add(thing.toLowerCase());
  if (cost && known.isPerpetual) entries.push(costOf(known, cost.cost));
  return { entries, uses: [...price.uses, price.total, ...usesOf(said, cost)] };
};

const NO_PAYER: ReadonlySet<string> = new Set(
  'be have will to and which who it they he she'.split(' '),
);

/** `..., the undertaker pays within 14 days`. */
function payerIn({ tokens }: Told): string {
  const at = tokens.findIndex(({ word }) => word === 'pay');
  const from = tokens.slice(0, Math.max(0, at)).findLastIndex(({ kind }) => kind !== 'word') + 1;
  const payer = tokens.slice(from, at);
  const isNamed = payer.every(({ word }) => !NO_PAYER.has(word));
  return isNamed && payer.length < 4 && from > 0 ? phrase(payer) : '';
}

/** By what names whoever buys can be spoken of later. */
const buyersIn = (said: Told): readonly string[] => [
  thingAfter(said, 'invoice', 'charge'),
  thingAfter(said, 'send').replace(/ (?:an? )?(?:invoice|bill)\b.*$/i, ''),
  thingBefore(said, 'take', 'buy'),
  'customer',
  thingAfter(said, 'to'),
  thingBefore(said, 'be'),
  payerIn(said),
  said.has('invoice it|invoice them|invoice him') ? thingAfter(said, 'for') : '',
  partyAfter(said, 'to', 'invoice', 'charge', 'for'),
];

const usesOf = (said: Told, cost: { readonly cost: Amount } | null): Amount[] =>
  cost
    ? said.amounts
        .map(({ value }) => value)
        .filter((value) => value === cost.cost || said.has('each'))
    : [];

function wantedOf(thing: string, scene: Scene, main: Told): Wanted {
  const words = thing.toLowerCase().split(' ');
  const isAhead =
    main.has('advance|for next|next season') ||
    (isBoughtByOthers(main) && /\b(?:block|book|card|course) of\b/.test(scene.text)) ||
    AHEAD.some((word) => words.includes(word));
  return isAhead ? { type: 'deferred-income' } : soldAs(thing, scene);
}

function keepPromise({ known, said, text }: Scene, { account, amount }: KnownLine): void {
  const yearly = said.has('yearly|annual') ? 12 : 0;
  const months = said.of('span')[0]?.value ?? yearly;
  const count = said.of('count').at(-1)?.value ?? 0;
  known.remembered.promised.push({ account, amount: -amount, months, count, text });
}
