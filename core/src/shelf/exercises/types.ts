import { HOLLIN_BRIDGE } from '../companies/hollin-bridge.js';
import { LARKFIELD } from '../companies/larkfield.js';
import { MARROW_LANE } from '../companies/marrow-lane.js';
import { TWO_RIVERS } from '../companies/two-rivers.js';
import { choice, figure, sideOf, which, type ReadySheet } from '../ready/ready-sheet.js';

/** Which statement, which section, which type: without an entry. */
export const TYPES: readonly ReadySheet[] = [
  {
    ...{ id: 'bakery-types', subject: 'types', company: MARROW_LANE, begins: 'place' },
    title: 'What is each account? A bakery',
    says: 'Find for each account of a small business its statement, its section and its type.',
    brief: `Marrow Lane Bakery has written down its accounts, and nobody has said yet what each of them is.

Give each its place: which statement, which section, which type. Read the names slowly: *paid ahead*, *owed*, *to date*, *used* each say something.`,
    questions: [
      which(
        'Which of the accounts stands for bread that has been paid for and not yet been given?',
        ['vouchers'],
        'Whoever sells a voucher owes bread. It becomes revenue on the day on which the bread is handed over.',
      ),
      choice(
        'The baker takes bread home. What is it?',
        ['*Drawings: the owner takes something out', 'Wages', 'A cost of selling'],
        'What the owner takes is neither a wage nor a cost: it lowers what the owner has in the business.',
      ),
      sideOf(
        'On which side does the depreciation to date of the oven normally stand?',
        'oven-dep',
        'It lowers an asset, and so it stands on the other side from assets: in credit.',
      ),
    ],
  },
  {
    ...{ id: 'school-statements', subject: 'types', company: HOLLIN_BRIDGE, begins: 'place' },
    title: 'Balance sheet or profit and loss? A language school',
    says: 'Tell what something costs or earns in a period from what is there, or owed, on a day.',
    brief: `Hollin Bridge Language School is paid before it teaches, and pays its rent ahead. So many of its accounts come in pairs: what is there on a day, and what belongs to a period.

Place each account. Ask first: is it something that the school *has or owes today*, or something that it *earned or used up* since January?`,
    questions: [
      which(
        'Which account says what is still to be taught?',
        ['fees-ahead'],
        'Course fees paid ahead are owed in lessons until the lessons are given.',
      ),
      choice(
        'A course is paid in December and taught in March. In which month is it revenue?',
        ['December', 'January', '*March'],
        'Revenue waits until what was promised is given.',
      ),
      choice(
        'Which of these stand on the balance sheet?',
        ['*Rent paid ahead', 'Rent', '*Teachers’ pay owed', 'Pay of teachers'],
        'What is paid ahead is an asset, what is owed a liability; the two without *ahead* and *owed* are what the period cost.',
      ),
    ],
  },
  {
    ...{ id: 'yard-sections', subject: 'types', company: TWO_RIVERS, begins: 'place' },
    title: 'Current or not? A timber yard',
    says: 'Put assets and debts into the right section: within twelve months, or later.',
    brief: `A timber yard has things that lie for weeks and things that stand for decades, debts of this month and debts of the next ten years.

Place each account of Two Rivers Timber Yard. For assets and debts ask: *within twelve months, or later?*`,
    without:
      'sales, returns, cost, wages, delivery, cover, saw-charge, truck-charge, gain, interest',
    questions: [
      choice(
        'Why does the loan for the sawmill stand in two accounts?',
        [
          'One is the interest, the other the loan',
          '*What falls due within twelve months stands apart from the rest',
          'One was taken up earlier than the other',
        ],
        'Readers want to know what has to be paid soon. When a loan was signed says nothing about it.',
      ),
      figure(
        'What do the current assets come to?',
        'total("current-assets")',
        'Money, what customers owe, what is there to be sold, and what was paid ahead for the coming months.',
      ),
      figure(
        'What do the current liabilities come to?',
        'total("current-liabilities")',
        'What is owed to foresters and to the owners, and the part of the loan that is due within a year.',
      ),
    ],
  },
  {
    ...{ id: 'studio-contra', subject: 'types', company: LARKFIELD, begins: 'go-on' },
    title: 'Accounts that lower others',
    says: 'Set up contra accounts beside what they lower, and enter them on their own side.',
    brief: `The books of Larkfield Print Studio show what was paid for the presses and the furniture, and what customers owe. Nothing in them says yet how much of it is used up, or will not come in. So the retained earnings are too high by just as much, and an amount waits.

Set up the accounts on the list, each under the account that it lowers, and enter what they opened at.`,
    missing: 'allowance, presses-dep, desks-dep',
    questions: [
      which(
        'Which account lowers what customers owe?',
        ['allowance'],
        'The allowance stands for customers of whom one doubts that they will pay; the customers themselves stay as they are.',
      ),
      figure(
        'What are the presses worth in the books, after what has been used up?',
        'balance("presses") - balance("presses-dep")',
        'Cost less accumulated depreciation: the cost stays whole on its own account, beside it stands what is used up.',
      ),
      choice(
        'Is anybody owed the amount on “Accumulated depreciation, presses”?',
        ['Yes, the maker of the presses', 'Yes, the bank', '*Nobody'],
        'It is a credit balance that nobody is owed: a part of a cost that earlier years have borne.',
      ),
    ],
  },
];
