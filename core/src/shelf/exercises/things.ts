import { MARROW_LANE } from '../companies/marrow-lane.js';
import { ODUYA_BROCK } from '../companies/oduya-brock.js';
import { TWO_RIVERS } from '../companies/two-rivers.js';
import { at, choice, figure, type ReadySheet } from '../ready/ready-sheet.js';

/** What serves for years: bought, used up, sold off; and the loans that pay for it. */
export const THINGS: readonly ReadySheet[] = [
  {
    ...{ id: 'lighting-lamps', subject: 'things', company: ODUYA_BROCK, begins: 'go-on' },
    title: 'Bought, used up, sold off: lamps and a lorry',
    says: 'Record the cost of a thing, its depreciation, and its sale at a gain or a loss.',
    brief: `Oduya and Brock buy lamps, use them up over the years, and sell the old lorry. Depreciation is charged for the half year at the end of June, for the lorry up to the day of its sale.`,
    adds: `
loss             | Loss on the sale of the lorry    | loss-on-disposal         |`,
    told: `
== New lamps
2027-01-18 | Lamps bought | Lamps for {lamps} are bought and paid from the bank. | lamps 6000, bank -6000
2027-02-09 | Lamps carried to the store | Carrying the new lamps to the store cost {bank}, paid from the bank. It is part of what they cost. | lamps 300, bank -300
2027-03-02 | Bulbs replaced | Bulbs are replaced for {bulbs}, paid from the bank. That keeps the lamps going and adds nothing to them. | bulbs 240, bank -240
== The lorry is sold
2027-04-30 | Depreciation of the lorry to the day of its sale | For January to April the lorry is depreciated by {lorry-charge}. | lorry-charge 1400, lorry-dep -1400 | adjusting
2027-04-30 | The lorry is sold | The lorry is sold for {bank}, which comes into the bank. It had cost {lorry}; with what was charged for this year {lorry-dep} of that is used up. What is lacking is a loss. | bank 11800, lorry-dep 8400, loss 800, lorry -21000
== At the end of June | adjusting
2027-06-30 | Depreciation of the lamps | For the half year the lamps are depreciated by {lamps-charge}. | lamps-charge 1500, lamps-dep -1500`,
    questions: [
      at(
        'The lorry is sold',
        figure(
          'At what did the lorry stand in the books when it was sold?',
          'amount("e5", "lorry") - amount("e5", "lorry-dep")',
          'Its cost less all depreciation up to that day: the book value.',
        ),
      ),
      choice(
        'The lorry had been sold for more than its book value. What would the difference be?',
        ['Revenue', '*Other income: a gain', 'A cost taken back'],
        'Only what the business normally sells is revenue. Take the book value off before you call it a gain.',
      ),
      figure(
        'What are the lamps worth in the books at the end of June?',
        'balance("lamps") - balance("lamps-dep")',
        'What they cost, carrying them there included, less what has been used up.',
      ),
    ],
  },
  {
    ...{ id: 'yard-loan', subject: 'things', company: TWO_RIVERS, begins: 'go-on' },
    title: 'A loan: taken, paid back, and what falls due',
    says: 'Split an instalment into loan and interest, and carry over what falls due within a year.',
    brief: `Two Rivers Timber Yard pays back the loan for its sawmill and takes another for a truck. An instalment is two things at once: what goes back of the loan, and what the loan costs.`,
    adds: `
truck-loan       | Loan for the truck               | long-term-loan           |
interest-owed    | Interest not yet paid            | accrued-expense          |`,
    told: `
== The half year
2027-02-01 | A loan for a truck | The bank lends {truck-loan} for a new truck, to be paid back in 2031; the money comes into the bank account. | bank 20000, truck-loan -20000
2027-02-04 | A truck bought | The truck costs {truck} and is paid from the bank. | truck 20000, bank -20000
2027-03-31 | Instalment on the sawmill | An instalment on the loan for the sawmill, {bank}, is paid from the bank; {interest} of it is interest. | loan-soon 3000, interest 375, bank -3375
2027-06-30 | Instalment on the sawmill | A second instalment, {bank}; {interest} of it is interest. | loan-soon 3000, interest 337.5, bank -3337.5
== At the end of June | adjusting
2027-06-30 | Interest on the truck’s loan | Interest on the truck’s loan has built up for five months, {interest}; it is paid in December. | interest 500, interest-owed -500
2027-06-30 | What falls due within a year | Of the loan for the sawmill, {loan-soon} falls due in the coming twelve months; until now it stood among what is due later. | loan 6000, loan-soon -6000 | general`,
    questions: [
      figure(
        'What did the loans cost in the half year?',
        'movement("interest")',
        'Interest alone: giving back what was borrowed costs nothing.',
      ),
      choice(
        'A whole instalment is recorded as interest. What becomes of the profit?',
        ['It is too high', '*It is too low', 'It is not affected'],
        'What went back of the loan is no cost. And the loan stays as high as before, although a part was paid.',
      ),
      figure(
        'How much of the loan for the sawmill is still due, now and later?',
        'balance("loan") + balance("loan-soon")',
        'Both accounts together: carrying a part over changes its section, and not what is owed.',
      ),
    ],
  },
  {
    ...{ id: 'bakery-oven', subject: 'things', company: MARROW_LANE, begins: 'go-on' },
    title: 'Repair or improvement? An oven',
    says: 'Tell what keeps a thing going from what makes it more than it was.',
    brief: `The oven of Marrow Lane Bakery is old. Some of what is spent on it keeps it going; some of it makes it bake more than it ever did. The first is a cost of the month, the second belongs to the oven.`,
    adds: `
oven-repairs     | Repairs of the oven              | repairs                  |`,
    told: `
== February
2027-02-03 | A new door seal | A new seal for the oven door costs {oven-repairs}, paid from the bank. The oven bakes as before. | oven-repairs 95, bank -95
2027-02-08 | A second deck | A second deck is built onto the oven for {oven}: from now on it bakes twice as much. The builder is paid from the bank. | oven 2700, bank -2700
2027-02-11 | Burner cleaned | The burner is cleaned, as every year: {oven-repairs}, paid from the bank. | oven-repairs 130, bank -130
2027-02-15 | Tyres for the van | The van gets new tyres in place of the worn ones: {van-costs}, paid from the bank. | van-costs 320, bank -320
2027-02-19 | Cold shelves for the van | Cold shelves are built into the van, so that it can carry cakes: {van}, paid from the bank. | van 1900, bank -1900
== At the end of February | adjusting
2027-02-28 | Depreciation of the oven | The oven is depreciated by {oven-charge} for two months. | oven-charge 240, oven-dep -240`,
    questions: [
      choice(
        'Which of these belong to the thing itself?',
        [
          '*The second deck of the oven',
          'The door seal',
          '*The cold shelves in the van',
          'The tyres',
        ],
        'Restoring is an expense; adding life or power is an asset.',
      ),
      figure(
        'By how much would the profit have been lower, had the deck been taken for a repair?',
        'amount("e2", "oven")',
        'All of it would have been a cost of February, and the oven would stand in the books as it was.',
      ),
    ],
  },
];
