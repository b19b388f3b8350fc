import { HOLLIN_BRIDGE } from '../companies/hollin-bridge.js';
import { QUARRY_HILL } from '../companies/quarry-hill.js';
import { SALTGATE } from '../companies/saltgate.js';
import { at, choice, figure, which, type ReadySheet } from '../ready/ready-sheet.js';

/** From the opening to the statements, or to the end of a year. */
export const WHOLE: readonly ReadySheet[] = [
  {
    ...{ id: 'club-year', subject: 'whole', company: QUARRY_HILL, begins: 'open' },
    title: 'A club’s season, from its opening to its surplus',
    says: 'Keep the books of a club: subscriptions, donations, a kiosk, and what is kept for a purpose.',
    brief: `Quarry Hill Climbing Club belongs to nobody; its treasurer keeps the books for all. Take over the balances, record the spring of 2027, and find out whether a surplus is left.`,
    told: `
== The spring
2027-01-14 | Subscriptions come in | Members pay subscriptions for 2027 into the bank: {bank}. They count as earned at once here. | bank 6200, subs -6200
2027-02-03 | Subscriptions of last year paid | Members who owed subscriptions for 2026 pay {tin} at the desk. | tin 240, subs-owed -240
2027-02-20 | A donation for the new wall | A donation of {bank} for the new wall comes into the bank; it goes straight into the fund for it. | bank 1500, wall-fund -1500
2027-03-06 | A donation | A donation for the club as a whole, {bank}, comes into the bank. | bank 400, gifts -400
2027-03-27 | The kiosk sells | The kiosk sells for {tin} at the desk. | tin 380, kiosk -380
2027-04-10 | Trainers are paid | Trainers are paid {trainers} from the bank. | trainers 1900, bank -1900
2027-04-17 | Ropes bought | New ropes for {ropes} are bought on account; they serve for years. | ropes 600, suppliers -600
2027-04-24 | Insurance | The insurance of the year, {cover}, is paid from the bank. | cover 780, bank -780
== At the end of April | adjusting
2027-04-30 | Rent of the hall used up | Of the hall’s rent paid ahead, {hall} is used up. | hall 600, hall-ahead -600
2027-04-30 | Courses given | Of the subscriptions paid ahead at the beginning, {subs} is earned by now. | subs-ahead 800, subs -800
2027-04-30 | Snacks sold | The snacks that the kiosk sold had cost {kiosk-cost}. | kiosk-cost 150, kiosk-stock -150
2027-04-30 | Depreciation | For four months the wall is depreciated by {wall-charge}, ropes and harnesses by {ropes-charge}. | wall-charge 600, ropes-charge 160, wall-dep -600, ropes-dep -160`,
    questions: [
      figure(
        'What is the surplus so far?',
        'total("profit")',
        'What was earned less what was used up. A club’s profit is called its surplus.',
      ),
      figure(
        'How much is kept for a new wall?',
        'balance("wall-fund")',
        'What was there and what was given for it. It never was income of the spring.',
      ),
      choice(
        'Why is the donation for the wall not among the donations?',
        [
          '*It was given for a purpose and is kept for it',
          'It was too large',
          'It came from a member',
        ],
        'What is given for one purpose may not be used for another; so it goes into equity, to its fund.',
      ),
    ],
  },
  {
    ...{
      id: 'school-first-year',
      subject: 'whole',
      company: HOLLIN_BRIDGE,
      begins: 'from-nothing',
    },
    title: 'A first year: a language school from its founding',
    says: 'Found a company, keep its books for a year in few entries, and close them.',
    opensEmpty: true,
    without:
      'learners, books, books-used, screens, screens-dep, screens-charge, cover-ahead, cover, suppliers, leaflets',
    brief: `Hollin Bridge Language School is founded on 2 January 2027 as a company limited by shares. Set up its accounts, record its first year in few entries, adjust and close it.`,
    quantities: `
paid_in 9000..12000/500, lent 5000..7000/500, fitted 4500..6000/60, got 30000..36000/200, half_rent 3600..4800/120, paid_teachers 8800..10400/100, paid_office 3200..4200/100, due_teachers 600..1000/20, left_fees 2000..3600/100, charge 400..600/20, cost_of_loan 240..420/12`,
    told: `
== The founding
2027-01-02 | Shares paid in | The shareholders pay {bank} into the bank for their shares. | bank 10000, shares -10000=paid_in
2027-01-05 | A loan | The bank lends {loan}, to be paid back in four years; the money comes into the bank account. | bank 6000, loan -6000=lent
2027-01-09 | Classrooms furnished | Furniture for the classrooms costs {rooms}, paid from the bank. | rooms 5400=fitted, bank -5400
== The year
2027-02-01 | Course fees come in | Course fees for the year come in ahead: {bank}, into the bank. | bank 32000, fees-ahead -32000=got
2027-02-01 | Rent paid ahead | Rent for twelve months is paid ahead from the bank: {rent-ahead}. | rent-ahead 8400=half_rent*2, bank -8400
2027-06-30 | Teachers paid | The teachers are paid {teachers} from the bank. | teachers 9600=paid_teachers, bank -9600
2027-11-30 | The office is paid | The wages of the office, {office-pay}, are paid from the bank. | office-pay 3600=paid_office, bank -3600
== At the end of the year | adjusting
2027-12-31 | Courses given | Of the course fees, {fees-ahead} has been taught; {= balance("fees-ahead") } is for lessons in 2028. | fees-ahead 29200=got-left_fees, courses -29200
2027-12-31 | Rent used up | Eleven of the twelve months are over: rent of {rent} is used up. | rent 7700=half_rent*11/6, rent-ahead -7700
2027-12-31 | Teachers’ pay owed | The teachers are owed {teachers} for December. | teachers 800=due_teachers, wages-owed -800
2027-12-31 | Depreciation | The classrooms are depreciated by {rooms-charge}. | rooms-charge 500=charge, rooms-dep -500
2027-12-31 | Interest paid | The bank takes interest of {interest} from the account. | interest 300=cost_of_loan, bank -300 | cash-payments
== The books are closed | closing
2027-12-31 | Income and expenses are closed | Income and expenses are closed; the profit of {kept} is kept in the company. | courses 29200=got-left_fees, teachers -10400=paid_teachers+due_teachers, office-pay -3600=paid_office, rent -7700=half_rent*11/6, rooms-charge -500=charge, interest -300=cost_of_loan, kept -6700`,
    questions: [
      figure(
        'With what do the retained earnings open in 2028?',
        'balance("kept")',
        'The first year’s profit: nothing was there before, and nothing was paid out.',
      ),
      figure(
        'How much of the rent is still paid ahead?',
        'balance("rent-ahead")',
        'One month of the twelve.',
      ),
      which(
        'Which account says what the school owes in lessons?',
        ['fees-ahead'],
        'Fees that were paid and not yet earned.',
      ),
      choice(
        'What would the profit be, had all fees been counted when they came in?',
        ['*Higher', 'Lower', 'The same'],
        'What belongs to next year’s lessons would count as earned in this one.',
      ),
    ],
  },
  {
    ...{ id: 'cycles-shop', subject: 'whole', company: SALTGATE, begins: 'go-on' },
    title: 'A workshop begins to sell: from service to trade',
    says: 'Add to a chart what a trader needs, and see gross profit come into profit and loss.',
    brief: `From April 2027 on Saltgate Cycle Works also sells bicycles. Its chart was made for a workshop: add what a shop needs, each at its place, and record April and May. The cost of each bicycle is recorded with its sale; what the card terminal charges is a cost of selling.`,
    quantities: 'bike 440..640/5, deposit 100..300/20',
    adds: `
bicycles         | Bicycles for sale                | inventory                |
sold             | Bicycles sold                    | goods-sales              |
sold-cost        | Cost of bicycles sold            | cost-of-goods-sold       |
card             | Charges of the card terminal     | selling                  |
bike-deposits    | Deposits of customers for bicycles | deferred-income          |`,
    told: `
== April
2027-04-02 | Bicycles bought on account | Bicycles are bought for {bicycles} on account. | bicycles 5400=bike*10, suppliers -5400
2027-04-10 | A bicycle sold | A bicycle is sold for {bank}; the money comes into the bank. | bank 890=bike+350, sold -890
2027-04-10 | What it had cost | It had cost {sold-cost}. | sold-cost 540=bike, bicycles -540=bike
2027-04-17 | A deposit | A customer pays {cash} in cash as a deposit for a bicycle that is fetched in May. | cash 200=deposit, bike-deposits -200=deposit
2027-04-24 | Bicycles mended | Bicycles are mended for {bank}, paid into the bank. | bank 760, repairs -760
== May
2027-05-08 | The bicycle is fetched | The customer fetches the bicycle. Of its price, the deposit of {bike-deposits} is paid already; {cash} is paid in cash. | cash 650=bike+310-deposit, bike-deposits 200=deposit, sold -850
2027-05-08 | What it had cost | The bicycle that was fetched had cost {sold-cost}. | sold-cost 540=bike, bicycles -540=bike
2027-05-21 | Suppliers are paid | {suppliers} is paid to suppliers from the bank. | suppliers 1800, bank -1800
2027-05-29 | Charges of the card terminal | The card terminal’s charges of {card} are taken from the bank account. | card 36, bank -36
2027-05-31 | A demonstration bicycle | One bicycle that had cost {stands} is taken out of the shop: from now on it is lent to customers of the workshop, for years. | stands 540=bike, bicycles -540=bike | general`,
    questions: [
      at(
        'April',
        figure(
          'How much revenue is there by the end of April?',
          'total("revenue", "2027-04-30")',
          'What was sold and mended. The deposit is not yet earned.',
        ),
      ),
      figure(
        'What is the gross profit of the two months?',
        'total("gross-profit")',
        'Revenue less what the goods sold, and the work itself, have cost.',
      ),
      choice(
        'A bicycle serves the workshop from now on. What is it?',
        ['Goods for sale', '*Equipment', 'An expense of May'],
        'What waits to be sold is stock; what serves the business for years is equipment.',
      ),
    ],
  },
];
