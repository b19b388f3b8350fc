import { HOLLIN_BRIDGE } from '../companies/hollin-bridge.js';
import { LARKFIELD } from '../companies/larkfield.js';
import { MARROW_LANE } from '../companies/marrow-lane.js';
import { choice, figure, type ReadySheet } from '../ready/ready-sheet.js';

/** What belongs to the period, whenever it was paid. */
export const ADJUSTING: readonly ReadySheet[] = [
  {
    ...{ id: 'school-ahead', subject: 'adjusting', company: HOLLIN_BRIDGE, begins: 'go-on' },
    title: 'Paid ahead: a school’s first quarter',
    says: 'Carry what was paid ahead, and received ahead, into the period to which it belongs.',
    brief: `Hollin Bridge Language School pays rent and insurance ahead, and is paid ahead for its courses. Record the quarter; then say at its end what has been used up and what has been taught.`,
    quantities: 'premium 40..80/1',
    told: `
== What is paid and received
2027-01-08 | Fees for the spring courses received | Fees for the spring courses come in, paid ahead: {bank}. Nothing of it has been taught yet. | bank 9000, fees-ahead -9000
2027-02-01 | Rent paid ahead | The rent for February to July is paid from the bank at once, all of it ahead: {rent-ahead}. | rent-ahead 4800, bank -4800
2027-02-12 | Course books bought | Course books are bought for {books} and paid from the bank; they lie in the cupboard. | books 760, bank -760
2027-03-20 | Teachers paid | The teachers are paid {teachers} for their lessons of the quarter. | teachers 2600, bank -2600
== At the end of March | adjusting
> Look at what was paid ahead: how much of it is used up by 31 March? And what of the fees has been taught?
2027-03-31 | Rent used up | Of the rent paid ahead, {rent} is used up. | rent 4000, rent-ahead -4000
2027-03-31 | Insurance used up | Three months of the insurance have gone by; a month costs {= amount("e6", "cover") / 3 }. | cover 180=3*premium, cover-ahead -180=3*premium
2027-03-31 | Lessons given | Of the fees paid ahead, {courses} has been taught by now. | fees-ahead 8100, courses -8100
2027-03-31 | Course books handed out | Course books for {= balance("books") } are still in the cupboard; {books-used} has been handed out. | books-used 850, books -850`,
    questions: [
      figure(
        'How much of the course fees is still to be taught at the end of March?',
        'balance("fees-ahead")',
        'What was there, and what came in, less what has been taught.',
      ),
      choice(
        'The lessons given are forgotten on 31 March. What becomes of the debts?',
        ['*They are too high', 'They are too low', 'They are not affected'],
        'Fees stay among the debts although the lessons have been given; revenue and profit are too low by the same amount.',
      ),
      choice(
        'Rent for six months is paid. What is it on the day on which it is paid?',
        ['An expense', '*An asset', 'A debt'],
        'Unused at the date is an asset; only the used part is an expense.',
      ),
    ],
  },
  {
    ...{ id: 'bakery-owed', subject: 'adjusting', company: MARROW_LANE, begins: 'go-on' },
    title: 'Used but not yet paid: accruals at a bakery',
    says: 'Record costs that were used up before their invoice, and what settles them.',
    brief: `At the end of last year Marrow Lane Bakery owed wages and had not yet had its bill for electricity and gas. Now both are paid, and the same happens again at the end of January.

Take care that no cost is counted twice.`,
    told: `
== What is paid in January
2027-01-05 | Wages of December paid | The wages still owed for December are paid from the bank: {wages-owed}. They were a cost of last year. | wages-owed 480, bank -480
2027-01-14 | Electricity and gas: the bill | The bill for electricity and gas comes and is paid from the bank: {bank}. Of it, {power-owed} is for December, and was counted then as not yet billed; the rest is for January so far. | power-owed 310, power 140, bank -450
2027-01-23 | Wages paid | Wages for the first three weeks of January are paid from the bank: {wages}. | wages 1440, bank -1440
2027-01-30 | Bread sold | What was sold in January goes to the bank: {sales}. | bank 5200, sales -5200
== At the end of January | adjusting
2027-01-31 | Wages of the last week | The wages of the last week, {wages}, are paid in February. | wages 480, wages-owed -480
2027-01-31 | Electricity and gas not yet billed | By the meter, electricity and gas for {power} has been used since the last bill. | power 190, power-owed -190
2027-01-31 | Interest for January | A month’s interest on the loan, {interest}, has built up; the bank takes it in March. | interest 36, interest-owed -36`,
    adds: 'interest-owed | Interest not yet paid | accrued-expense |',
    questions: [
      figure(
        'What did wages cost in January?',
        'movement("wages")',
        'Three weeks that were paid and the last week that was not: the cost is what was worked for, not what was paid.',
      ),
      choice(
        'The wages of December are recorded as an expense of January. What becomes of January’s profit?',
        ['It is too high', '*It is too low', 'It is not affected'],
        'They were charged last year, when they were worked for. Charged again they lower the profit twice, and the debt stays.',
      ),
      choice(
        'What is an accrual?',
        [
          'Something paid before it is used',
          '*Something used before it is paid',
          'Something that nobody will pay',
        ],
        'Accrued is used before paying; prepaid is paid before using.',
      ),
    ],
  },
  {
    ...{ id: 'studio-doubtful', subject: 'adjusting', company: LARKFIELD, begins: 'go-on' },
    title: 'Customers who will not pay',
    says: 'Tell a doubtful customer from a hopeless one: the allowance, and what is written off.',
    brief: `Some customers of Larkfield Print Studio pay, one never will, and of others one doubts it. Record the quarter. What is hopeless is written off against the allowance; the allowance is then brought to what is doubtful now.`,
    told: `
== The quarter
2027-01-29 | Printing on account | Printing for shops, all on account: {customers}. | customers 6300, printing -6300
2027-02-16 | Customers pay | Customers pay {bank} into the bank. | bank 7200, customers -7200
2027-03-08 | A club is wound up | A club that owes {customers} is wound up; nothing will come. Its debt is written off against the allowance, which was made for such cases. | allowance 260, customers -260
2027-03-19 | A debt written off last year comes in | A customer whose debt was written off years ago pays after all: {bank} comes into the bank. It counts as other income here. | bank 90, recovered -90
== At the end of March | adjusting
2027-03-31 | The allowance for what is doubtful now | Customers are looked through one by one: {= balance("allowance") } of what they owe is doubtful now. After what was written off, {= balance("allowance") - amount("e5", "allowance") } is left on the allowance; it is brought up to that. | bad 230, allowance -230`,
    adds: 'recovered | Debts that came in after all | sundry-income |',
    questions: [
      figure(
        'What did bad debts cost in the quarter?',
        'movement("bad")',
        'Only what the allowance moved by at the end: what was written off had been charged when the allowance was made.',
      ),
      figure(
        'What can the studio expect of its customers at the end of March?',
        'balance("customers") - balance("allowance")',
        'What they owe, less what is doubtful of it.',
      ),
      choice(
        'The club’s debt is written off to bad debts instead of against the allowance. What becomes of the profit?',
        ['It is too high', '*It is too low', 'It is not affected'],
        'The loss was charged when the allowance was made; charged again it counts twice.',
      ),
    ],
  },
];
