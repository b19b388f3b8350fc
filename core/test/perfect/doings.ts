import type { OwnBook } from './own-book.js';

/** What somebody with nothing but what is told does in an exercise. */
export interface Doings {
  /**
   * An entry for each row of the words that has a day: `Account amount; Account amount`, debits positive. `a`, `b`, `c` are the
   * amounts that the row says, in their order; `all` empties the account.
   */
  readonly entries?: string;
  /** By question: the words of what is right, an account, a side, or a figure that one’s own book says. */
  readonly answers: Readonly<
    Record<string, string | readonly string[] | ((own: OwnBook) => number)>
  >;
}

export const DOINGS: Readonly<Record<string, Doings>> = {
  'bakery-types': {
    answers: {
      q1: 'Gift vouchers sold',
      q2: 'Drawings: the owner takes something out',
      q3: 'credit',
    },
  },
  'school-statements': {
    answers: {
      q1: 'Course fees paid ahead',
      q2: 'March',
      q3: ['Rent paid ahead', 'Teachers’ pay owed'],
    },
  },
  'yard-sections': {
    answers: {
      q1: 'What falls due within twelve months stands apart from the rest',
      q2: (own) => own.sum('current assets'),
      q3: (own) => -own.sum('current liabilities'),
    },
  },
  'studio-contra': {
    answers: {
      q1: 'Allowance for doubtful customers',
      q2: (own) => own.stands('Printing presses') + own.stands('Accumulated depreciation, presses'),
      q3: 'Nobody',
    },
  },
  'lighting-numbers': {
    answers: {
      q1: 'So that a new account fits between two others',
      q2: 'Accumulated depreciation, lorry',
    },
  },
  'bakery-mended': { answers: { q1: 'It is too high' } },
  'cycles-set-up': {
    answers: {
      q1: 'Repair stands and tools',
      q2: (own) => -own.stands('Capital, the owner'),
      q3: 'Supplies: they are used, not sold as they are',
    },
  },
  'club-openings': {
    answers: {
      q1: 'credit',
      q2: (own) => own.stands('Climbing wall') + own.stands('Depreciation to date, wall'),
      q3: 'Nobody: it stays in the club',
    },
  },
  'lamps-first-month': {
    entries: `
Bank a; Capital, the shopkeeper -a
Rent of the shop a; Bank -a
Shop fittings a; Bank -a
Lamps bought a; Makers of lamps, owed -a
Till a; Bank -a
Till a; Lamps sold -a
Bank a; Till -a
Makers of lamps, owed a; Bank -a
Wages of the assistant a; Bank -a
Drawings a; Bank -a`,
    answers: {
      q1: (own) => -own.stands('Makers of lamps, owed'),
      q2: 'Customers did not pay it for anything',
      q3: (own) => own.stands('Till'),
    },
  },
  'school-ahead': {
    entries: `
Bank a; Course fees paid ahead -a
Rent paid ahead a; Bank -a
Course books not yet handed out a; Bank -a
Pay of teachers a; Bank -a
Rent a; Rent paid ahead -a
Insurance 3*a; Insurance paid ahead -3*a
Course fees paid ahead a; Course fees -a
Course books handed out b; Course books not yet handed out -b`,
    answers: {
      q1: (own) => -own.stands('Course fees paid ahead'),
      q2: 'They are too high',
      q3: 'An asset',
    },
  },
  'bakery-owed': {
    entries: `
Wages owed a; Bank -a
Electricity and gas not yet billed b; Electricity and gas a-b; Bank -a
Wages a; Bank -a
Bank a; Bread and cakes sold -a
Wages a; Wages owed -a
Electricity and gas a; Electricity and gas not yet billed -a
Interest on the loan a; Interest not yet paid -a`,
    answers: {
      q1: (own) => own.stands('Wages'),
      q2: 'It is too low',
      q3: 'Something used before it is paid',
    },
  },
  'studio-doubtful': {
    entries: `
Customers a; Printing -a
Bank a; Customers -a
Allowance for doubtful customers a; Customers -a
Bank a; Debts that came in after all -a
Bad debts a-b; Allowance for doubtful customers b-a`,
    answers: {
      q1: (own) => own.stands('Bad debts'),
      q2: (own) => own.stands('Customers') + own.stands('Allowance for doubtful customers'),
      q3: 'It is too low',
    },
  },
  'lighting-lamps': {
    entries: `
Lamps for hire a; Bank -a
Lamps for hire a; Bank -a
Bulbs and filters a; Bank -a
Depreciation, lorry a; Accumulated depreciation, lorry -a
Bank a; Accumulated depreciation, lorry c; Loss on the sale of the lorry b-a-c; Lorry -b
Depreciation, lamps a; Accumulated depreciation, lamps -a`,
    answers: {
      q1: (own) => own.said(4, 'b') - own.said(4, 'c'),
      q2: 'Other income: a gain',
      q3: (own) => own.stands('Lamps for hire') + own.stands('Accumulated depreciation, lamps'),
    },
  },
  'yard-loan': {
    entries: `
Bank a; Loan for the truck -a
Truck a; Bank -a
Loan for the sawmill, due within a year a-b; Interest on the loan b; Bank -a
Loan for the sawmill, due within a year a-b; Interest on the loan b; Bank -a
Interest on the loan a; Interest not yet paid -a
Loan for the sawmill a; Loan for the sawmill, due within a year -a`,
    answers: {
      q1: (own) => own.stands('Interest on the loan'),
      q2: 'It is too low',
      q3: (own) =>
        -own.stands('Loan for the sawmill') - own.stands('Loan for the sawmill, due within a year'),
    },
  },
  'bakery-oven': {
    entries: `
Repairs of the oven a; Bank -a
Oven a; Bank -a
Repairs of the oven a; Bank -a
Fuel and repairs of the van a; Bank -a
Delivery van a; Bank -a
Depreciation of the oven a; Depreciation to date, oven -a`,
    answers: {
      q1: ['The second deck of the oven', 'The cold shelves in the van'],
      q2: (own) => own.said(1, 'a'),
    },
  },
  'yard-perpetual': {
    entries: `
Timber in the yard a; Foresters, owed -a
Builders who owe a; Timber sold -a
Cost of timber sold a; Timber in the yard -a
Delivery to builders a; Bank -a
Timber that came back a; Builders who owe -a
Timber in the yard a; Cost of timber sold -a
Bank a; Timber sold -a
Cost of timber sold a; Timber in the yard -a
Foresters, owed a; Bank -a`,
    answers: {
      q1: (own) => own.grossProfit(),
      q2: 'Both are too high',
      q3: (own) => own.stands('Timber in the yard'),
    },
  },
  'lamps-periodic': {
    entries: `
Lamps bought a; Makers of lamps, owed -a
Carriage in a; Bank -a
Makers of lamps, owed a; Lamps sent back -a
Till a; Lamps sold -a
Customers on account a; Lamps sold -a
Lamps that came back a; Customers on account -a
Makers of lamps, owed a; Bank -a
Bank a; Till -a
Lamps on the shelves a-b; Change of stock b-a`,
    answers: {
      q1: 'Less than was bought',
      q2: (own) => own.sum('cost of sales'),
      q3: (own) => own.grossProfit(),
    },
  },
  'lamps-sales-tax': {
    entries: `
Lamps bought a; Tax on purchases, to be had back b; Makers of lamps, owed -c
Till c; Lamps sold -a; Tax on sales, owed -b
Customers on account c; Lamps sold -a; Tax on sales, owed -b
Window and advertisements a; Tax on purchases, to be had back b; Bank -c
Bank a; Till -a
Tax on sales, owed a; Tax on purchases, to be had back -a
Tax on sales, owed a; Bank -a`,
    answers: {
      q1: (own) => -own.sum('revenue'),
      q2: 'Tax on sales, owed',
      q3: 'It is too high',
    },
  },
  'cycles-owner': {
    entries: `
Rent of the workshop a; Bank -a
Drawings a; Bank -a
Posters and cards a; Capital, the owner -a
Cash box a; Repairs done -a
Drawings a; Cash box -a
Repair stands and tools a; Capital, the owner -a
Bank a; Capital, the owner -a
Drawings a; Spare parts not yet used -a`,
    answers: {
      q1: (own) => own.stands('Drawings'),
      q2: (own) => own.said(2, 'a') + own.said(5, 'a') + own.said(6, 'a'),
      q3: 'It is too low',
    },
  },
  'lighting-partners': {
    entries: `
Bank a; Hire of lamps -a
Bank a; Shows lit -a
Crew for shows a; Bank -a
Drawings, Oduya a; Bank -a
Drawings, Brock a; Bank -a
Rent of the store a; Bank -a
closing: Hire of lamps all; Shows lit all; Crew for shows all; Rent of the store all; Capital, Oduya -b; Capital, Brock -c
closing: Drawings, Oduya all; Capital, Oduya a; Drawings, Brock all; Capital, Brock b`,
    answers: {
      q1: (own) => -own.stands('Capital, Oduya'),
      q2: 'Drawings',
      q3: (own) => -own.stands('Capital, Oduya') - own.stands('Capital, Brock'),
    },
  },
  'studio-shareholders': {
    entries: `
Bank b; Share capital -a; Share premium a-b
Dividends a; Dividends owed -a
Retained earnings a; Reserve for a new press -a
Dividends owed a; Bank -a
Income tax owed a; Bank -a`,
    answers: {
      q1: 'No: a part of equity gets another name',
      q2: (own) => -own.sum('equity'),
      q3: 'When it is decided',
    },
  },
  'cycles-closed': {
    entries: `
closing: Repairs done a; Spare parts used -c; Rent of the workshop -d; Telephone -e; Posters and cards -f; Depreciation, stands and tools -g; Capital, the owner -b
closing: Capital, the owner a; Drawings -a`,
    answers: {
      q1: (own) => -own.stands('Capital, the owner'),
      q2: ['Bank', 'Spare parts not yet used'],
      q3: 'A sole trader’s profit is the owner’s at once',
    },
  },
  'lamps-errors': {
    entries: `
Lamps bought a; Shop fittings -a
Bank b; Customers on account -b
Bank b-a; Window and advertisements a-b
Drawings a; Wages of the assistant -a
Bank a; Rent of the shop -a`,
    answers: {
      q1: 'All of them',
      q2: 'Two digits changed places',
      q3: (own) => own.said(1, 'b') + own.said(2, 'b') - own.said(2, 'a') + own.said(4, 'a'),
    },
  },
  'yard-cash': {
    answers: {
      q1: (own) => own.profit(),
      q2: (own) => own.moved('Bank'),
      q3: (own) => own.moved('Truck'),
      q4: ['The truck', 'The part of the instalment that pays back the loan', 'Dividends paid'],
      q5: 'Nothing',
    },
  },
  'studio-read': {
    answers: {
      q1: (own) => own.grossProfit(),
      q2: (own) => own.profit(),
      q3: 'Wages',
      q4: (own) => (100 * own.sum('current assets')) / -own.sum('current liabilities'),
      q5: (own) => -own.stands('Bank loan') - own.stands('Bank loan, due within a year'),
      q6: 'It is not affected',
    },
  },
  'club-year': {
    entries: `
Bank a; Subscriptions -a
Tin at the desk a; Subscriptions that members owe -a
Bank a; Fund for a new wall -a
Bank a; Donations -a
Tin at the desk a; Sales at the kiosk -a
Fees to trainers a; Bank -a
Ropes and harnesses a; Suppliers -a
Insurance a; Bank -a
Rent of the hall a; Rent of the hall, paid ahead -a
Subscriptions paid ahead a; Subscriptions -a
Cost of what the kiosk sold a; Snacks for the kiosk -a
Depreciation, wall a; Depreciation to date, wall -a; Depreciation, ropes b; Depreciation to date, ropes -b`,
    answers: {
      q1: (own) => own.profit(),
      q2: (own) => -own.stands('Fund for a new wall'),
      q3: 'It was given for a purpose and is kept for it',
    },
  },
  'school-first-year': {
    entries: `
Bank a; Share capital -a
Bank a; Loan from the bank -a
Furniture of the classrooms a; Bank -a
Bank a; Course fees paid ahead -a
Rent paid ahead a; Bank -a
Pay of teachers a; Bank -a
Wages of the office a; Bank -a
Course fees paid ahead a; Course fees -a
Rent a; Rent paid ahead -a
Pay of teachers a; Teachers’ pay owed -a
Depreciation, classrooms a; Accumulated depreciation, classrooms -a
Interest on the loan a; Bank -a
closing: Course fees all; Rent all; Pay of teachers all; Wages of the office all; Depreciation, classrooms all; Interest on the loan all; Retained earnings -a`,
    answers: {
      q1: (own) => -own.stands('Retained earnings'),
      q2: (own) => own.stands('Rent paid ahead'),
      q3: 'Course fees paid ahead',
      q4: 'Higher',
    },
  },
  'cycles-shop': {
    entries: `
Bicycles for sale a; Suppliers -a
Bank a; Bicycles sold -a
Cost of bicycles sold a; Bicycles for sale -a
Cash box a; Deposits of customers for bicycles -a
Bank a; Repairs done -a
Deposits of customers for bicycles a; Cash box b; Bicycles sold -a-b
Cost of bicycles sold a; Bicycles for sale -a
Suppliers a; Bank -a
Charges of the card terminal a; Bank -a
Repair stands and tools a; Bicycles for sale -a`,
    answers: {
      q1: (own) => own.said(1, 'a') + own.said(4, 'a'),
      q2: (own) => own.grossProfit(),
      q3: 'Equipment',
    },
  },
};
