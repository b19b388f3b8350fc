import type { Amount } from '../../../model/money/amount.js';
import type { KnownAccount } from '../known.js';
import { credit, debit, does, titled, why, wordsOf, type Event, type Scene } from '../scene.js';
import { expenseOf } from '../things.js';
import { partOf } from '../token.js';
import { monthsSince } from './loans.js';
import { serviceAs } from './selling.js';

/*
 * Problems that ask for the adjusting entries at the end of a period tell what was done before it, and with it what is to be
 * recorded now: `On 1 April a two-year policy was bought for 1,920 and recorded as prepaid insurance`.
 */

/** How much of an amount for some months has gone by, from a day that is told to the end of the period. */
function goneBy({ said, day }: Scene): Amount | null {
  const [amount, ...more] = said.amounts;
  const [span, ...others] = said.of('span');
  const from = said.of('day')[0]?.day;
  if (!amount || more.length > 0 || !span || others.length > 0 || from === undefined) return null;
  const months = monthsSince(from, day);
  return from < day && months > 0 && months <= span.value
    ? Math.round((amount.value * months) / span.value)
    : null;
}

const IS_AHEAD = 'prepay|prepayment|advance|unexpired';

const namedAs = (account: KnownAccount): string => account.name.replace(/^prepaid /i, '');

/** `A two-year policy was bought on 1 April and recorded as prepaid insurance`: what of it is used by now. */
export const usedByNow: Event = (scene) => {
  const { said, known, closing } = scene;
  if (closing === null || said.has('unearned|deferred|customer|receive')) return null;
  const expense = expenseOf(wordsOf(scene), known);
  const given = known.spokenOf(wordsOf(scene), ['prepayment']);
  if (!expense || !(given || said.has(IS_AHEAD)) || said.of('span').length === 0) return null;
  const used = goneBy(scene);
  if (used === null) return null;
  const name = `Prepaid ${(expense.name ?? 'expense').toLowerCase()}`;
  const account = given ?? known.account({ type: 'prepayment', name });
  return does(
    `${titled(namedAs(account))} used up`,
    [debit(known.account(expense), used), credit(account, used)],
    said.amounts.map(({ value }) => value),
  );
};

/** `On 1 October it received 2,400 for a year’s storage and credited unearned fees`: what of it is earned by now. */
export const earnedByNow: Event = (scene) => {
  const { said, known, closing } = scene;
  const isAhead =
    said.has('unearned|deferred|advance|receive advance') &&
    (!said.has('pay|buy') || said.has('customer have pay'));
  if (closing === null || !isAhead) return null;
  const used = shareEarned(scene) ?? goneBy(scene);
  if (used === null) return null;
  const account = known.account({ type: 'deferred-income' });
  return does(
    'Earned of what was received ahead',
    [debit(account, used), credit(known.account(serviceAs(known)), used)],
    said.amounts.map(({ value }) => value),
  );
};

/** `Rent of 1,000 for January had been paid in December and charged to rent`: what belongs to the next period is paid ahead. */
export const chargedTooEarly: Event = (scene) => {
  const { said, known, closing } = scene;
  const next = closing === null ? 0 : (Number(closing.slice(5, 7)) % 12) + 1;
  const isNext = said.has('for monthof') && said.of('month').some(({ value }) => value === next);
  const isCharged = said.has('pay') && said.has('charge to|record as|debit to|be charge|expense');
  if (closing === null || !isNext || !isCharged || said.amounts.length !== 1) return null;
  const expense = expenseOf(wordsOf(scene), known);
  if (!expense || said.first === null || said.has('customer|prepay|prepayment')) return null;
  const name = `Prepaid ${(expense.name ?? 'expense').toLowerCase()}`;
  const account = known.account({ type: 'prepayment', name });
  return does(`${expense.name ?? 'Expense'} paid ahead`, [
    debit(account, said.first),
    credit(known.account(expense), said.first),
  ]);
};

/** `3,000 had been paid in advance; two thirds of this has been earned`. */
function shareEarned({ said }: Scene): Amount | null {
  const [share] = said.of('share');
  return share && said.has('earn') && said.amounts.length === 1
    ? partOf(said.first ?? 0, share)
    : null;
}

/** `Supplies on 1 January were 700, 2,900 were bought; a count shows 860`: what was there and came, less what is left. */
export const countedSince: Event = (scene) => {
  const { said, known, closing } = scene;
  const isCount = said.has('count|remain|unused|inventory|stock-take');
  if (closing === null || !isCount || said.amounts.length < 2 || !said.has('supplies')) return null;
  const at = said.tokens.findIndex(({ word }) => ['count', 'remain', 'unused'].includes(word));
  const [before, after] = said.cut(at);
  const left = after.amounts[0] ?? before.amounts.at(-1);
  const others = said.amounts.filter((each) => each !== left);
  const used = others.reduce((sum, { value }) => sum + value, 0) - (left?.value ?? 0);
  if (!left || used <= 0) return why('how much of it is used isn’t said plainly');
  const account =
    known.spokenOf(wordsOf(scene), ['supplies']) ?? known.account({ type: 'supplies' });
  const expense = known.account({
    type: 'sundry-operating',
    name: `${account.name} used`,
    isGuess: true,
  });
  return does(
    `${account.name} used`,
    [debit(expense, used), credit(account, used)],
    said.amounts.map(({ value }) => value),
  );
};
