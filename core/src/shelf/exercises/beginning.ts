import { AMBRY } from '../companies/ambry.js';
import { QUARRY_HILL } from '../companies/quarry-hill.js';
import { SALTGATE } from '../companies/saltgate.js';
import { choice, figure, sideOf, which, type ReadySheet } from '../ready/ready-sheet.js';

/** From nothing to a chart, from a chart to opening balances, and a first month. */
export const BEGINNING: readonly ReadySheet[] = [
  {
    ...{ id: 'cycles-set-up', subject: 'beginning', company: SALTGATE, begins: 'from-nothing' },
    title: 'Set up the books of a cycle workshop',
    says: 'Set up a whole chart from a list and take over last year’s balances.',
    brief: `Saltgate Cycle Works mends bicycles. Until now its owner kept a notebook; from 1 January 2027 there are books.

Set up the accounts on the list, each at its place, and open them with the balances of 31 December 2026.`,
    questions: [
      which(
        'Which account is lowered by the accumulated depreciation?',
        ['stands'],
        'Stands and tools are kept at their cost; what they have lost in worth gathers beside them.',
      ),
      figure(
        'What has the owner in the business when the books begin?',
        'opening("capital")',
        'Assets less what is owed: that is the owner’s.',
      ),
      choice(
        'Spare parts lie in the drawer for repairs. What are they?',
        ['*Supplies: they are used, not sold as they are', 'Goods for sale', 'An expense'],
        'What is used up in doing the work is supplies; goods are what one sells as it is; an expense it becomes when it is used.',
      ),
    ],
  },
  {
    ...{ id: 'club-openings', subject: 'beginning', company: QUARRY_HILL, begins: 'open' },
    title: 'Last year’s balance sheet becomes this year’s opening',
    says: 'Enter opening balances on the right side, contra accounts too, until both sides agree.',
    brief: `The chart of Quarry Hill Climbing Club stands. Take over the balances of 31 December 2026, account by account.

Each account opens on the side on which it normally stands. When all is entered, debits and credits are equal.`,
    questions: [
      sideOf(
        'On which side do subscriptions paid ahead open?',
        'subs-ahead',
        'Members have paid and the club has not yet given: a debt, and debts stand in credit.',
      ),
      figure(
        'What is the wall worth in the books after what has been used up?',
        'opening("wall") - opening("wall-dep")',
        'Its cost less the depreciation to date.',
      ),
      choice(
        'Who owns a club’s accumulated surplus?',
        ['*Nobody: it stays in the club', 'The members, in equal shares', 'The treasurer'],
        'A club has no owners. What is left over is kept for what the club is there for.',
      ),
    ],
  },
  {
    id: 'lamps-first-month',
    subject: 'beginning',
    company: AMBRY,
    begins: 'from-nothing',
    title: 'A first month: a lamp shop opens',
    says: 'Begin a business from nothing: set up what is needed and record a month of it.',
    opensEmpty: true,
    without:
      'returns-in, returns-out, freight, stock-change, stock, fittings-dep, fittings-charge, window, customers',
    brief: `On 2 January 2027 a shop for lamps opens, with nothing but its owner’s money. What was bought is an expense of the period here (*Lamps bought*); what is left is counted at the end of the year.

Set up the accounts on the list and record January.`,
    told: `
== The shop opens
2027-01-02 | The owner puts money in | The owner puts {bank} into the business’s bank account. | bank 9000, capital -9000
2027-01-04 | Rent for January | Rent for January, {rent}, is paid from the bank. | rent 750, bank -750
2027-01-05 | Shop fittings bought | Fittings for the shop cost {fittings}; they are paid from the bank. | fittings 3600, bank -3600
2027-01-07 | Lamps bought on account | The makers of lamps deliver lamps for {purchases}; nothing is paid yet. | purchases 2800, suppliers -2800
2027-01-09 | Change fetched for the till | {till} is fetched from the bank as change for the till. | till 200, bank -200
== The month goes on
2027-01-16 | Lamps sold over the counter | Lamps are sold over the counter for {till}, in cash. | till 1650, sales -1650
2027-01-20 | Cash taken to the bank | {bank} is taken from the till to the bank. | bank 1400, till -1400
2027-01-25 | The makers of lamps are paid a part | Of what is owed to the makers of lamps, {suppliers} is paid from the bank. | suppliers 1500, bank -1500
2027-01-28 | The assistant is paid | The assistant is paid {wages} from the bank. | wages 480, bank -480
2027-01-30 | The owner takes money out | The owner takes {drawings} from the bank for the household. | drawings 350, bank -350`,
    questions: [
      figure(
        'What is still owed to the makers of lamps at the end of January?',
        'balance("suppliers")',
        'What they delivered, less what was paid to them.',
      ),
      choice(
        'Why is the money that the owner puts in no revenue?',
        [
          '*Customers did not pay it for anything',
          'It was not paid in cash',
          'It came too early in the month',
        ],
        'Owners give money; customers earn you income.',
      ),
      figure(
        'How much money is in the till at the end?',
        'balance("till")',
        'The change and what was sold over the counter, less what went to the bank.',
      ),
    ],
  },
];
