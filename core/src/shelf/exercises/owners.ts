import { LARKFIELD } from '../companies/larkfield.js';
import { ODUYA_BROCK } from '../companies/oduya-brock.js';
import { SALTGATE } from '../companies/saltgate.js';
import { at, choice, figure, type ReadySheet } from '../ready/ready-sheet.js';

/** What owners put in and take out, by legal form. */
export const OWNERS: readonly ReadySheet[] = [
  {
    ...{ id: 'cycles-owner', subject: 'owners', company: SALTGATE, begins: 'go-on' },
    title: 'The owner and the business',
    says: 'Keep what is the owner’s apart from what the business earns and spends.',
    brief: `The owner of Saltgate Cycle Works pays what is at hand: sometimes from the business’s bank, sometimes with the household’s money. The books are those of the business alone.`,
    told: `
== February
2027-02-02 | Rent of the workshop | The rent of the workshop, {rent}, is paid from the business’s bank. | rent 420, bank -420
2027-02-05 | Rent of the flat | The owner’s rent for the flat, {drawings}, is paid from the business’s bank. | drawings 610, bank -610
2027-02-09 | Posters paid by the owner | The owner pays posters for the workshop with the household’s money: {posters}. | posters 75, capital -75
2027-02-13 | Bicycles mended | Bicycles are mended for {cash} in cash. | cash 980, repairs -980
2027-02-16 | Cash for the weekend | The owner takes {drawings} from the cash box for the weekend. | drawings 120, cash -120
2027-02-20 | The owner’s own stand | The owner brings in a repair stand that was bought for the hobby; it is worth {stands}. | stands 340, capital -340
2027-02-24 | A tax refund of the owner | A refund of the owner’s private tax, {bank}, comes into the business’s bank. | bank 260, capital -260
2027-02-27 | Parts for the owner’s bicycle | For the owner’s own bicycle, spare parts that had cost {drawings} are used. | drawings 45, parts -45`,
    questions: [
      figure(
        'What did the owner take out in February?',
        'balance("drawings")',
        'Whatever is for the owner’s own benefit, whether money or goods.',
      ),
      figure(
        'What did the owner put in in February?',
        'balance("capital") - opening("capital")',
        'Whatever of the owner’s went into the business: money, a thing, a bill that was paid for it.',
      ),
      choice(
        'The flat’s rent is recorded as an expense. What becomes of the profit?',
        ['It is too high', '*It is too low', 'It is not affected'],
        'Whose benefit is it: the owner’s home or the business? A home is no cost of mending bicycles.',
      ),
    ],
  },
  {
    ...{ id: 'lighting-partners', subject: 'owners', company: ODUYA_BROCK, begins: 'go-on' },
    title: 'Two partners share a profit',
    says: 'Close a partnership’s year: the profit by agreed shares, what was drawn against capital.',
    brief: `Oduya and Brock share profits three to two. At the end of 2027 the books are closed: income and expenses into the capital of both, each partner’s drawings into that partner’s capital.`,
    quantities: `
hired 18000..24000/100, lit 14000..18000/100, paid_crew 9000..11500/100, year_rent 5400..6600/60, draw_o 3600..6400/100, draw_b 3000..5600/100`,
    told: `
== The year in a few lines
2027-03-31 | Lamps hired out | Lamps are hired out; {bank} comes into the bank. | bank 21000, hire -21000=hired
2027-06-30 | Shows lit | Shows are lit; {bank} comes into the bank. | bank 16500, shows -16500=lit
2027-09-15 | The crew is paid | The crew is paid {crew} from the bank. | crew 11200=paid_crew, bank -11200
2027-10-01 | Oduya takes money | Oduya takes {drawings-o} from the bank. | drawings-o 5200=draw_o, bank -5200
2027-10-01 | Brock takes money | Brock takes {drawings-b} from the bank. | drawings-b 4400=draw_b, bank -4400
2027-12-15 | Rent of the store | The rent of the store for the year, {store}, is paid from the bank. | store 6300=year_rent, bank -6300
== The books are closed | closing
> The profit goes to the partners, three parts to Oduya and two to Brock; then each partner’s drawings are closed into that partner’s capital.
2027-12-31 | The profit is shared | Income and expenses are closed. Of the profit of {= amount("e7", "capital-o") + amount("e7", "capital-b") }, {capital-o} goes to Oduya and {capital-b} to Brock. | hire 21000=hired, shows 16500=lit, crew -11200=paid_crew, store -6300=year_rent, capital-o -12000=(hired+lit-paid_crew-year_rent)*0.6, capital-b -8000=(hired+lit-paid_crew-year_rent)*0.4
2027-12-31 | Drawings are closed | The drawings of both, {drawings-o} and {drawings-b}, are closed into their capital. | capital-o 5200=draw_o, capital-b 4400=draw_b, drawings-o -5200=draw_o, drawings-b -4400=draw_b`,
    questions: [
      at(
        'The books are closed',
        figure(
          'What does Oduya have in the business at the end of the year?',
          'balance("capital-o")',
          'What was there, three fifths of the profit, less what Oduya took out.',
        ),
      ),
      choice(
        'A partner works every day in the business. What is paid to that partner?',
        ['Wages', '*Drawings', 'A cost of sales'],
        'Owners take profit; only staff earn wages. What a partner’s work is worth is agreed in the shares.',
      ),
      figure(
        'What do both partners have in the business at the end?',
        'total("equity")',
        'All that is there less all that is owed: the two capital accounts together.',
      ),
    ],
  },
  {
    ...{ id: 'studio-shareholders', subject: 'owners', company: LARKFIELD, begins: 'go-on' },
    title: 'Shareholders: shares, dividends, a reserve',
    says: 'Record shares issued above their nominal value, a dividend decided and paid, and a reserve.',
    brief: `Larkfield Print Studio is a company limited by shares. It issues new ones, its shareholders decide on a dividend, and a part of the retained earnings is set aside.

A dividend is owed from the day on which it is decided; it is no cost of the business.`,
    adds: `
premium          | Share premium                    | share-premium            |
dividends-owed   | Dividends owed                   | dividends-payable        |
reserve          | Reserve for a new press          | reserve                  |`,
    told: `
== What the shareholders do
2027-02-10 | New shares | New shares with a nominal value of {shares} are issued for {bank}; the money comes into the bank. What is above the nominal value is share premium. | bank 8000, shares -5000, premium -3000
2027-03-18 | A dividend is decided | The shareholders decide on a dividend of {dividends}. Nothing is paid yet. | dividends 2400, dividends-owed -2400
2027-03-18 | A reserve | Of the retained earnings, {reserve} is set aside in a reserve for a new press. | kept 3000, reserve -3000
2027-04-06 | The dividend is paid | {bank} of dividends is paid from the bank. | dividends-owed 2400, bank -2400
2027-04-20 | The tax of last year | The income tax of last year, {tax-owed}, is paid from the bank. | tax-owed 1900, bank -1900`,
    questions: [
      choice(
        'Is money put aside by a reserve?',
        [
          'Yes, in the bank',
          '*No: a part of equity gets another name',
          'Yes, with the shareholders',
        ],
        'A reserve says what profits are kept for. It is equity; money is an asset.',
      ),
      figure(
        'What is the equity after all of this?',
        'total("equity")',
        'New shares raise it, the dividend lowers it; the reserve only moves a part of it.',
      ),
      choice(
        'When does a dividend lower the equity?',
        ['*When it is decided', 'When it is paid', 'At the end of the year'],
        'From the decision on the company owes it. Paying it only settles the debt.',
      ),
    ],
  },
];
