import type { Amount } from '../../../model/money/amount.js';
import type { Wanted } from '../known.js';
import { paymentsOf } from '../payment.js';
import { moneyOf, owedFor, paidBy, someNamed } from '../paid.js';
import { NO_RATE, priceOf, taxOn } from '../price.js';
import {
  credit,
  debit,
  does,
  thingAfter,
  thingBefore,
  titled,
  why,
  wordsOf,
  type Event,
  type Scene,
  type Understood,
} from '../scene.js';
import { bestOf, boughtAs, expenseOf, LASTING_TYPES, plainExpense } from '../things.js';
import { type Token } from '../token.js';
import type { Told } from '../told.js';
import { OURS } from '../words.js';
import { isPaying, paidThing } from './paying.js';

/** A dividend, or tax on the profit, that is paid without having been owed before. */
function paidAtOnce(scene: Scene): Understood | null {
  const { said, known } = scene;
  const type = said.has('dividend|dividends')
    ? 'dividends'
    : said.has('incometax')
      ? 'income-tax'
      : null;
  if (type === null || said.first === null) return null;
  const account = known.account({ type });
  return does(account.name, [debit(account, said.first), credit(moneyOf(scene), said.first)]);
}

/** Each amount with the words that belong to it: those before it, or, where the first has none, those behind it. */
function groupsIn({ tokens }: Told): { amount: Amount; words: string }[] {
  const isWord = ({ kind, word }: Token) => kind === 'word' && word !== 'pay' && word !== 'and';
  const places = [...tokens.keys()].filter((i) => tokens[i]?.kind === 'amount');
  const between = (from: number, to: number) =>
    tokens
      .slice(from, to)
      .filter(isWord)
      .map(({ said }) => said)
      .join(' ');
  const isBehind = /^(?:of|for|at|out)?$/.test(between(0, places[0] ?? 0));
  return places.map((at, i) => ({
    amount: tokens[at]?.value ?? 0,
    words: isBehind
      ? between(at + 1, places[i + 1] ?? tokens.length)
      : between(i === 0 ? 0 : (places[i - 1] ?? 0) + 1, at),
  }));
}

/** Several expenses that are paid together: `wages 800 and rent 600`. */
function several(scene: Scene): Understood | null {
  const { said, known } = scene;
  if (said.amounts.length < 2 || said.has('rest|balance|of which|ofit|remainder|discount'))
    return null;
  const groups = groupsIn(said);
  const lines = groups.map(({ amount, words: thing }) => ({
    amount,
    expense: expenseOf(thing, known),
  }));
  const types = new Set(lines.map(({ expense }) => expense?.name));
  if (lines.some(({ expense }) => !expense)) return null;
  const areAlike = types.size === 1 && said.verb === 'pay' && !said.has('deposit');
  if (types.size < lines.length && !areAlike) return null;
  const total = lines.reduce((sum, { amount }) => sum + amount, 0);
  if (areAlike) {
    const [{ expense } = { expense: null }] = lines;
    const all = debit(known.account(expense ?? { type: '' }), total);
    return does(
      expense?.name ?? 'Expenses paid',
      [all, credit(moneyOf(scene), total)],
      lines.map(({ amount }) => amount),
    );
  }
  const debits = lines.map(({ expense, amount }) =>
    debit(known.account(expense ?? { type: '' }), amount),
  );
  return does('Expenses paid', [...debits, credit(moneyOf(scene), total)]);
}

const AND: ReadonlySet<string> = new Set(['and']);

/** `Paid wages 980 by cheque and 60 for cleaning in cash`: each part with its amount, its thing, and how it is paid. */
function severalWays(scene: Scene): Understood | null {
  const { said, known } = scene;
  if (said.amounts.length < 2 || said.has('ofit|rest|balance|remainder|discount')) return null;
  const paid = said.split(AND).map((part) => {
    const words = part
      .of('word')
      .map((each) => each.said)
      .join(' ');
    return { part, expense: plainExpense(words), amounts: part.amounts };
  });
  const isWhole = paid.every(({ expense, amounts }) => expense && amounts.length === 1);
  const isEach = paid.every(({ part }) => part.has('cash|cheque|bank|till'));
  if (!isWhole || !isEach) return null;
  const lines = paid.flatMap(({ part, expense, amounts: [amount] }) => [
    debit(known.account(expense ?? { type: '' }), amount?.value ?? 0),
    credit(moneyOf({ ...scene, said: part }), amount?.value ?? 0),
  ]);
  return does('Expenses paid', lines);
}

/** `Pays 1,500 for a used press`: a thing that is bought by paying for it. */
function paidFor(scene: Scene, wanted: Wanted): Understood | null {
  const { said, known, day } = scene;
  const price = priceOf(said);
  const payments = price && paymentsOf(price.rest, price.total, 'bank');
  if (!payments) return null;
  const account = known.account(wanted);
  if (LASTING_TYPES.includes(account.type))
    known.remembered.lasting.push({
      account,
      cost: price.total,
      from: day,
      residual: 0,
      months: 0,
      count: 1,
    });
  const owing = { wanted: owedFor(known, true, account.name), names: [account.name] };
  const lines = [debit(account, price.total), ...paidBy(known, payments, owing)];
  return does(account.name, lines, [price.total, ...price.uses]);
}

/** People who are paid without a word of what for: whoever works. */
const WORKERS = /(?:ers|ors|ists|ians|men|women)$/i;

/** Whether it is the business that pays, and for what, where nobody is named. */
function paidForWhat(scene: Scene): string {
  const other = thingAfter(scene.said, 'for');
  return someNamed(scene) === '' && isOursPaying(scene, '') ? other : '';
}

/** What lasts, where it is paid for: by its name, or since it is said to be new or used. */
function keptThing(scene: Scene): Wanted | null {
  const { known, text } = scene;
  const thing = paidForWhat(scene);
  const isKept =
    bestOf(thing, LASTING_TYPES) !== null || /\bfor an? (?:used|new|second-hand)\b/i.test(text);
  if (thing === '' || !isKept || plainExpense(wordsOf(scene))) return null;
  return boughtAs(thing, known, true);
}

/** What is paid for without a word that is known: people who work, else something to be looked at. */
function guessed(scene: Scene): Wanted | null {
  const { said } = scene;
  const isCrew = someNamed(scene) === '' && WORKERS.test(thingBefore(said, 'be'));
  const isHelper =
    /^(?:[^:]{0,24}: |[^,]{0,24}, )?(?:an?|the|two|three) [\p{L}-]+(?:er|or|ist|ian|man|woman|ers|ors|ists|ians|men|women)\b.*\b(?:was|were|is|are) paid\b/iu.test(
      scene.text,
    );
  const isOwnCrew = /\b(?:my|our|her|his|the) (?:\w+ ){0,2}\w+(?:ers|ors|ists)\b/i.test(scene.text);
  if (((isCrew || isHelper) && said.has('be pay')) || (isOwnCrew && someNamed(scene) === ''))
    return said.has('fee|fees')
      ? { type: 'professional-fees', name: 'Fees paid', isGuess: true }
      : { type: 'staff', name: 'Wages', isGuess: true };
  const thing = paidForWhat(scene);
  const isTime = /^(?:\w+ )?(?:year|months?|weeks?|season|days?|it|them|quarter|half|term)$/i.test(
    thing,
  );
  return thing === '' || isTime
    ? null
    : { type: 'sundry-operating', name: titled(thing), isGuess: true };
}

/** `Paid the mechanic 260 for new brakes`: what it is for says more than who is paid. */
function jobOf({ said }: Scene, thing: string): Wanted | null {
  const job = plainExpense(thingAfter(said, 'for'));
  return plainExpense(thing)?.type === 'staff' && job && job.type !== 'staff' ? job : null;
}

/** `Paid the couriers 2,700`, of a firm that lives on what its people do. */
const ownPeople = ({ known, text }: Scene): Wanted | null =>
  known.isService &&
  /\b(?:paid|pays) (?:the|her|his|our|its) \p{L}+(?:ers|ors|ists) \p{Sc}?\d/iu.test(text)
    ? { type: 'staff', name: 'Wages', isGuess: true }
    : null;

/** `Pays the wages, 900`: an expense of the period. */
export const payingExpenses: Event = (scene) => {
  const { said, known } = scene;
  if (!isPaying(scene) || said.has('customer')) return null;
  const found = paidAtOnce(scene) ?? severalWays(scene) ?? several(scene);
  if (found) return found;
  const price = priceOf(said);
  const thing = paidThing(scene);
  const kept = keptThing(scene);
  if (kept) return paidFor(scene, kept);
  const guess = price ? guessed(scene) : null;
  const job = jobOf(scene, thing) ?? ownPeople(scene);
  const told = job ?? (said.has('who be pay|who receive') ? plainExpense(wordsOf(scene)) : null);
  const expense =
    told ??
    expenseOf(thing, known) ??
    (said.has('be pay') ? plainExpense(wordsOf(scene)) : null) ??
    guess;
  if (!price)
    return why(
      expense
        ? `how much is paid for ${(expense.name ?? thing).toLowerCase()} isn’t said`
        : 'who is owed how much isn’t said',
    );
  if (!expense) return unknownPayment(scene);
  const taxed = taxOn(said, price.total, known);
  if (!taxed) return why(NO_RATE);
  const { net, tax } = taxed;
  const payments = paymentsOf(price.rest, net + tax, 'bank');
  if (!payments) return why('the parts that are paid don’t add up to the whole');
  const account = known.account(expense);
  known.last = net + tax;
  const owing = { wanted: owedFor(known, false, thing), names: [thing] };
  const input = tax === 0 ? [] : [debit(known.account({ type: 'sales-tax' }), tax)];
  return does(
    titled(expense.name ?? account.name),
    [debit(account, net), ...input, ...paidBy(known, payments, owing)],
    [price.total, ...price.uses],
  );
};

const BEFORE_OURS: ReadonlySet<string> = new Set([...OURS, 'and', 'a', 'bill', 'account']);

/** Whether the business pays: nobody else is named before it (`the Lantern Inn pays 650`), or somebody is paid. */
function isOursPaying({ said: { tokens }, known }: Scene, who: string): boolean {
  const at = tokens.findIndex(({ word }) => word === 'pay' || word === 'transfer');
  const before = tokens.slice(0, Math.max(0, at)).filter(({ kind }) => kind === 'word');
  if (before.some(({ word }) => word === 'be' || word === 'have')) return true;
  if (known.owners.has(who)) return false;
  return before.every(({ word, said }) => BEFORE_OURS.has(word) || known.owners.has(said));
}

function unknownPayment(scene: Scene): Understood | null {
  const who = someNamed(scene);
  const { known, said } = scene;
  const [suppliers] = known.ofType('trade-payables');
  if (!isOursPaying(scene, who)) return why('who pays whom for what isn’t said plainly');
  if (who !== '' && said.first !== null && suppliers && -known.balanceOf(suppliers) >= said.first)
    return does(`Pays ${who}`, [debit(suppliers, said.first), credit(moneyOf(scene), said.first)]);
  return why(who === '' ? 'what is paid for isn’t said' : `what ${who} is paid for isn’t said`);
}
