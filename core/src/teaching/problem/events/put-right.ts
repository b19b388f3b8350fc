import type { Amount } from '../../../model/money/amount.js';
import type { KnownAccount } from '../known.js';
import { moneyOf, owedOf } from '../paid.js';
import { meansIn } from '../payment.js';
import {
  partyAfter,
  AFTER_A_GAP,
  credit,
  debit,
  does,
  entry,
  isSomebodyElse,
  phrase,
  why,
  wordsOf,
  type Event,
  type Scene,
} from '../scene.js';
import { boughtAs, expenseOf, isGoods, LASTING_TYPES } from '../things.js';
import { partOf, percentOf } from '../token.js';
import { type Told } from '../told.js';
import { NO_RATE, priceOf, taxOn } from '../price.js';
import { TO_US } from './loans.js';
import { costOf } from './selling.js';

const costAt = (said: Told): Amount | null => said.amountAfter('cost')?.value ?? null;

/** `Returned by the Lantern Inn`: whoever is named sends back what was sold to them. */
const isReturnedBy = ({ said }: Scene): boolean =>
  said.has('return by') && partyAfter(said, 'by') !== '';

/** `The hotel was given a 90 credit`: somebody who owes for what was sold to them. */
const isLetOff = ({ said, known, ...scene }: Scene): boolean =>
  said.has('be give|be allow|be declare|complain|complains') &&
  said.has('credit|reduction|rebate|allowance|discount|#amount off') &&
  owesUs({ said, known, ...scene });

/** Whether somebody is spoken of who owes for what was sold to them. */
const owesUs = (scene: Scene): boolean => (owedOf(scene)?.line.amount ?? 0) > 0;

/** `A customer returns bowls sold for 60, which had cost 25`: goods, or money let off, to customers. */
export const customersReturn: Event = (scene) => {
  const { said, known } = scene;
  const gives =
    said.has('return|refund|creditnote|allowance|let off|price reduction') || isLetOff(scene);
  const isTheirs =
    said.has('customer|refund|by customer|to customer|sell') ||
    isReturnedBy(scene) ||
    (said.has('allowance') && (owesUs(scene) || isGivenOff(said))) ||
    (said.verb === 'return' &&
      isSomebodyElse(said) &&
      (said.has('invoice|charge') || owesUs(scene))) ||
    isLetOff(scene) ||
    (said.has('creditnote') && said.has('issue|give|sign')) ||
    (said.has('creditnote') && said.has('be send') && isSomebodyElse(said));
  if (!gives || !isTheirs || said.has('supplier|doubtful|deposit|incometax|cheque')) return null;
  const amount = said.amounts.find(({ value }) => value !== costAt(said))?.value ?? null;
  const debtor = owedOf(scene);
  if (amount === null) return keptThing(scene) ? null : why('what the return is worth isn’t said');
  const isPaid = said.has('refund|cash|bank|pay');
  if (debtor && debtor.line.amount > 0 && !isPaid) known.settle(debtor, amount);
  const back = isPaid ? moneyOf(scene) : known.account({ type: 'trade-receivables' });
  const entries = [
    entry(
      'Returned by a customer',
      debit(known.account({ type: 'returns-given' }), amount),
      credit(back, amount),
    ),
  ];
  const cost = costAt(said);
  if (cost !== null && known.isPerpetual) {
    const sold = costOf(known, cost);
    entries.push({
      text: 'Goods come back',
      lines: sold.lines.map((line) => ({ ...line, amount: -line.amount })),
    });
  }
  return { entries, uses: [amount, ...(cost === null ? [] : [cost])] };
};

/** `Gave the school an allowance of 30 because of a scratch`: a price is lowered. */
const isGivenOff = (said: Told): boolean =>
  said.verb === 'give' && said.has('allowance of #amount') && !said.has('doubtful');

/** What the business keeps that a sentence speaks of: its own, which goes back to whoever sold it. */
const keptThing = (scene: Scene): KnownAccount | null =>
  scene.known.spokenOf(wordsOf(scene), ['supplies', ...LASTING_TYPES]);

/** What goes back is worth: said, each or in all, or so many pieces at what a piece had cost. */
function worthOf({ said, known }: Scene, thing: string): Amount | null {
  const [count, ...others] = said.of('count');
  if (said.amounts.length > 1 || others.length > 0) return said.first;
  if (said.first !== null) return priceOf(said)?.total ?? said.first;
  const each = count ? known.priceOf(thing, count.value) : null;
  return count && each !== null ? count.value * each : null;
}

/** `The paper mill allowed a reduction of 160`: of what the business owes. */
const isLetOffToUs = (scene: Scene): boolean =>
  scene.said.has('allow|give|grant') &&
  scene.said.has('reduction|rebate') &&
  (owedOf(scene)?.line.amount ?? 0) < 0;

/** `Sends clay worth 40 back to the supplier`: goods, or money let off, by suppliers. */
export const returning: Event = (scene) => {
  const { said, known } = scene;
  if (
    !(said.has('return|allowance|creditnote|refund') || isLetOffToUs(scene)) ||
    said.has('customer|doubtful|deposit|incometax|sell') ||
    isReturnedBy(scene) ||
    owesUs(scene) ||
    (said.verb === 'pay' && said.has('less'))
  )
    return null;
  const thing = phrase(said.tokens.filter(({ kind }) => kind === 'word').slice(0, 12));
  const worth = worthOf(scene, thing);
  if (worth === null) return why('what the return is worth isn’t said');
  const taxed = taxOn(said, worth, known);
  if (!taxed) return why(NO_RATE);
  const { net, tax } = taxed;
  const kept = known.spokenOf(thing, ['supplies', ...LASTING_TYPES]);
  const stock = known.account({ type: known.isPerpetual ? 'inventory' : 'returns-taken' });
  const isPaid = said.has('refund|cash|bank|receive');
  const creditor = owedOf(scene);
  const owes = creditor && creditor.line.amount < 0 ? creditor : null;
  const owed = isPaid
    ? moneyOf(scene)
    : (owes?.line.account ??
      known.ofType('trade-payables')[0] ??
      known.ofType('sundry-payable')[0] ??
      known.account({ type: 'trade-payables' }));
  if (owes && !isPaid) known.settle(owes, net + tax);
  const output = tax === 0 ? [] : [credit(known.account({ type: 'sales-tax' }), tax)];
  return does(
    creditor ? `Returned to ${creditor.name}` : 'Returned to a supplier',
    [debit(owed, net + tax), credit(kept ?? stock, net), ...output],
    said.amounts.map(({ value }) => value),
  );
};

/** `A customer’s cheque for 60 is returned unpaid`: it is owed again. */
export const dishonoured: Event = (scene) => {
  const { said, known } = scene;
  const isBack =
    said.has('dishonour') || (said.has('cheque') && said.has('return') && said.has('bank|unpaid'));
  if (!isBack || said.first === null) return null;
  return does('A cheque came back unpaid', [
    debit(receivables(scene), said.first),
    credit(known.money(false), said.first),
  ]);
};

const receivables = ({ known }: Scene): KnownAccount =>
  known.account({ type: 'trade-receivables' });

/** What of a debt is paid when the rest is written off: said in an amount, or as a part of it. */
function paidBefore({ said }: Scene, owed: Amount): Amount {
  if (!said.has('pay|receive') || !said.has('rest|balance|remainder|remaining|difference'))
    return 0;
  const [, second] = said.amounts;
  const [share] = said.of('share');
  const paid = second?.value ?? (share ? partOf(owed, share) : 0);
  return paid < owed ? paid : 0;
}

/** `Writes off 120 that a customer will not pay`. */
export const writtenOff: Event = (scene) => {
  const { said, known } = scene;
  const isOff =
    said.has(
      'writeoff|irrecoverable|bankrupt|insolvent|uncollectible|never pay|not pay|will not pay',
    ) && !said.has('allowance|doubtful|wage|estimate|writeoff over #span');
  if (!isOff || said.has('stock|inventory|goods|notyet') || (said.has('sell') && said.has('cost')))
    return null;
  const amount = said.first;
  if (amount === null) return why('how much is written off isn’t said');
  const [allowance] = known.ofType('allowance-doubtful-debts');
  const paid = paidBefore(scene, amount);
  if (paid > 0)
    return does('Paid in part, the rest written off', [
      debit(moneyOf(scene), paid),
      debit(known.account({ type: 'bad-debts' }), amount - paid),
      credit(receivables(scene), amount),
    ]);
  const isCovered = allowance && -known.balanceOf(allowance) >= amount && said.has('against');
  const lost = isCovered ? allowance : known.account({ type: 'bad-debts' });
  return does('Written off', [debit(lost, amount), credit(receivables(scene), amount)]);
};

/** `An allowance of 5 % of what customers owe is made`, `the allowance is raised to 90`. */
export const allowanceMade: Event = (scene) => {
  const { said, known } = scene;
  const [percent] = said.of('percent');
  const isFeared =
    percent !== undefined &&
    said.has('receivable|owe|debts|customer') &&
    said.has('never|uncollectible|not be receive|notyet be receive|not pay');
  if (!(said.has('doubtful|allowance') || isFeared)) return null;
  if (said.has('customer return|return|writeoff') || owesUs(scene) || isGivenOff(said)) return null;
  const account = known.account({ type: 'allowance-doubtful-debts' });
  const owed = known.balanceOf(receivables(scene));
  if (percent && said.first === null && known.hasGaps) return why(AFTER_A_GAP);
  const wanted = percent ? percentOf(said.first ?? owed, percent) : said.first;
  if (wanted === null || wanted <= 0) return why('how much customers will not pay isn’t said');
  const before = -known.balanceOf(account);
  const isBy = said.has('by #amount|further|additional');
  const more = isBy || before === 0 ? wanted : wanted - before;
  if (more === 0) return why('the allowance stands so already: nothing moves');
  return does(
    'Allowance for doubtful debts',
    [debit(known.account({ type: 'bad-debts' }), more), credit(account, more)],
    [wanted, ...said.amounts.map(({ value }) => value)],
  );
};

/** What an entry that was wrong, or should be, is recorded on: by the words of a thing. */
function meant(words: string, { known }: Scene): KnownAccount | null {
  if (words.trim() === '') return null;
  const plain = expenseOf(words, known);
  const types = known.accounts.map(({ type }) => type);
  const own = plain && !plain.isGuess ? null : known.spokenOf(words, types);
  if (own) return own;
  if (plain && !plain.isGuess) return known.account(plain);
  if (isGoods(words, known))
    return known.account({ type: known.isPerpetual ? 'inventory' : 'purchases' });
  return known.account(plain ?? boughtAs(words, known, false));
}

const wordsIn = (said: Told): string =>
  said.tokens
    .filter(
      ({ kind, word }) =>
        kind === 'word' && !'pay|wrongly|be|have|a|of|for|record|bill|amount'.includes(word),
    )
    .map((each) => each.said)
    .join(' ');

/** `Repairs of 90 were recorded as rent`: what stands wrongly moves to where it belongs. */
export const correcting: Event = (scene) => {
  const { said } = scene;
  const at = said.tokens.findIndex(({ word }, i) => word === 'record' && i > 0);
  if (
    at < 0 ||
    !(
      said.has('record as|record on|record under|record to|wrongly|record wrongly') ||
      (said.has('record in') && said.has('insteadof|should|error'))
    )
  )
    return null;
  if (said.first === null) return why('how much was recorded wrongly isn’t said');
  const [before, after] = said.cut(at);
  const instead = after.indexOf('insteadof');
  const [wrongly, right] = instead < 0 ? [after, before] : after.cut(instead);
  const wrong = meant(wordsIn(wrongly), scene);
  const belongs = meant(wordsIn(right), scene);
  if (!wrong || !belongs || wrong === belongs)
    return why('what was recorded where, and where it belongs, isn’t said plainly');
  return does('Put right', [debit(belongs, said.first), credit(wrong, said.first)]);
};

/** What is done that moves nothing, where it is what is done first; and words that say so wherever they stand. */
const NOTHING: readonly (readonly [string, string])[] = [
  ['order', 'an order is no entry'],
  ['agree|contract|agreement', 'what is agreed is no entry until something is given or paid'],
  ['hire', 'nobody is owed anything before the work is done'],
  [
    'estimate|quote|quotes|quotation|offer|offers|inquiry|enquiry|interview|interviews|discuss|discusses|considers',
    'nothing is bought, sold or paid by it',
  ],
  ['need|hope|hopes|want|wants|would|might|wishes', 'what may come is no entry'],
];

/** Something that moves nothing: an order, an agreement, somebody hired. */
export const nothingMoves: Event = ({ said, known }) => {
  if (said.has('incometax') || said.has('estimate at #amount')) return null;
  if (said.has('not be invoice|notyet invoice|not have be invoice')) return null;
  const found = NOTHING.find(
    ([words]) => words.split('|').includes(said.verb) || (said.verb === '' && said.has(words)),
  );
  const moves = `receive|deposit|downpayment|advance|card|creditcard|onaccount|bill come|bill will|pay${said.verb === 'agree' ? '' : '|buy|cash|bank|doubtful|lend'}`;
  if (!found || said.has(moves)) return null;
  if (said.first !== null) known.last = said.first;
  return why(`no amount moves by this: ${found[1]}`);
};

/** What is lent, or paid for somebody else. */
export const lending: Event = (scene) => {
  const { said, known } = scene;
  if (
    !said.has('lend|staff advance|advance to employee|advance to staff') ||
    said.has(`bank lend|lender|buy|${TO_US}`)
  )
    return null;
  if (said.first === null || meansIn(said) === 'credit') return null;
  return does('Lent', [
    debit(known.account({ type: 'sundry-receivable' }), said.first),
    credit(moneyOf(scene), said.first),
  ]);
};

/** `The bank charges 12`: taken off the account by the bank itself. */
export const bankCharges: Event = ({ said, known, text }) => {
  const keeps = said.has(
    'keep|deduct|deducts|deducted|take|withhold|withheld|retain|retained|retains',
  );
  const isCardFirm = keeps && said.has('card others|card processor|card provider');
  const isCharge =
    said.has('charge|charge of|fees|fee') ||
    (isCardFirm && said.has('commission')) ||
    said.has('take #amount of interest|take interest');
  if (!(said.has('bank') || isCardFirm) || !isCharge || said.first === null) return null;
  if (said.has('buy|sell|customer')) return null;
  if (/\bpayment (?:arrived|came|comes)\b/i.test(text))
    return why('what came in of what was owed isn’t said plainly');
  const money = known.money(false);
  const isInterest = said.has('interest') && !said.has('fee|fees');
  const account = known.account(
    isInterest ? { type: 'interest-paid' } : { type: 'office', name: 'Bank charges' },
  );
  return does(account.name, [debit(account, said.first), credit(money, said.first)]);
};
