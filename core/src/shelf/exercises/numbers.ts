import { MARROW_LANE } from '../companies/marrow-lane.js';
import { ODUYA_BROCK } from '../companies/oduya-brock.js';
import { choice, which, type ReadySheet } from '../ready/ready-sheet.js';

/** Numbers by bands, and a chart that somebody got wrong. */
export const NUMBERS: readonly ReadySheet[] = [
  {
    ...{ id: 'lighting-numbers', subject: 'numbers', company: ODUYA_BROCK, begins: 'number' },
    title: 'Numbers for a chart: stage lighting',
    says: 'Number a chart by its bands, with room between neighbours and children behind their parents.',
    brief: `Oduya and Brock have placed their accounts and given them no numbers. Number them all.

Each section has its band; leave steps between neighbours, so that another account fits in between. What lowers another account is numbered right behind it.`,
    told: `
== Number the chart
> Give each account a number inside the band of its section. The ruler at the edge of the page shows the band and what is taken.`,
    questions: [
      choice(
        'Why are accounts numbered in steps and not 1, 2, 3?',
        [
          '*So that a new account fits between two others',
          'So that the numbers look longer',
          'Because each step is a year',
        ],
        'A chart grows. Whoever leaves room never has to renumber.',
      ),
      which(
        'Which account’s number comes right behind that of the lorry?',
        ['lorry-dep'],
        'What lowers an account is numbered behind it, so that the two stand together wherever the chart is listed.',
      ),
    ],
  },
  {
    ...{ id: 'bakery-mended', subject: 'numbers', company: MARROW_LANE, begins: 'mend' },
    title: 'Mend a chart: the bakery’s new helper',
    says: 'Find what is wrong in a finished chart by looking at both statements.',
    brief: `Somebody has set up the books of Marrow Lane Bakery in a hurry. The list of accounts is complete, and the amounts are right but for one that stands on the wrong side. A handful of accounts stand where they don’t belong, and a number lies outside its band.

Find them and put them right. Nothing has to be added or taken away.`,
    told: `
== Find what is wrong
> Go through the balance sheet and profit and loss, row by row. Does each account belong on this page, in this section, under this account? Does its number lie in the band?`,
    questions: [
      choice(
        'An expense stands among the assets. What becomes of the profit?',
        ['*It is too high', 'It is too low', 'It is not affected'],
        'The cost is not counted against what was earned; so the profit, and with it what the owner has, is too high.',
      ),
    ],
  },
];
