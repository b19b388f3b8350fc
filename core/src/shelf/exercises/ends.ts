import { AMBRY } from '../companies/ambry.js';
import { LARKFIELD } from '../companies/larkfield.js';
import { SALTGATE } from '../companies/saltgate.js';
import { TWO_RIVERS } from '../companies/two-rivers.js';
import { at, choice, figure, which, type ReadySheet } from '../ready/ready-sheet.js';

/** Books closed, mended and read. */
export const ENDS: readonly ReadySheet[] = [
  {
    ...{ id: 'cycles-closed', subject: 'ends', company: SALTGATE, begins: 'go-on' },
    title: 'Close the year of a cycle workshop',
    says: 'Close income and expenses into capital, then drawings, and see what opens the next year.',
    brief: `The year 2027 of Saltgate Cycle Works is recorded. Close it: income and expenses into the owner’s capital, then the drawings.

When all is closed, profit and loss is empty for the next year, and the balance sheet is as it was.`,
    quantities: `
mended 8800..11800/100, spare 900..1500/10, shop_rent 4200..5400/60, calls 260..420/10, cards 120..280/10, worn 400..600/20, taken 1400..2600/100`,
    told: `
== given
2027-06-30 | Bicycles mended in the year | | bank 9600=mended, repairs -9600=mended
2027-11-30 | Rent of the workshop | | rent 4800=shop_rent, bank -4800
2027-12-05 | Telephone | | phone 320=calls, bank -320
2027-12-09 | Posters and cards | | posters 180=cards, bank -180
2027-12-20 | The owner takes money | | drawings 2000=taken, bank -2000
2027-12-31 | Spare parts bought and used | | parts-used 1200=spare, bank -1200 | cash-payments
2027-12-31 | Depreciation of stands and tools | | stands-charge 480=worn, stands-dep -480 | adjusting
== Income and expenses | closing
> Look at profit and loss for the year: each account there is closed into the owner’s capital.
2027-12-31 | Income and expenses are closed | Repairs of {repairs} and all expenses are closed; the profit of {capital} goes into the owner’s capital. Spare parts used {parts-used}, rent {rent}, telephone {phone}, posters {posters}, depreciation {stands-charge}. | repairs 9600=mended, parts-used -1200=spare, rent -4800=shop_rent, phone -320=calls, posters -180=cards, stands-charge -480=worn, capital -2620
== Drawings | closing
2027-12-31 | Drawings are closed | What the owner took in the year, {drawings}, is closed into capital. | capital 2000, drawings -2000=taken`,
    questions: [
      at(
        'Drawings',
        figure(
          'With what does the owner’s capital open in 2028?',
          'balance("capital")',
          'What was there, the profit of the year, less what was taken out.',
        ),
      ),
      choice(
        'Which of these accounts have a balance after closing?',
        ['*Bank', 'Repairs done', '*Spare parts not yet used', 'Drawings'],
        'What belongs to the year is closed; what is there or owed goes on into the next.',
      ),
      choice(
        'Why is the profit closed into capital here, and not into retained earnings?',
        [
          '*A sole trader’s profit is the owner’s at once',
          'Because it was a small profit',
          'Because there are no shares',
        ],
        'A company keeps its profits until its shareholders decide; a sole trader needs nobody’s decision.',
      ),
    ],
  },
  {
    ...{ id: 'lamps-errors', subject: 'ends', company: AMBRY, begins: 'go-on' },
    title: 'Six entries, five of them wrong',
    says: 'Find what was recorded wrongly and put it right by an entry of its own.',
    brief: `The assistant of Ambry Lamp Shop has kept the books in January while the owner was away. The entries stand and stay as they are: what is wrong is put right by another entry.

Take each paper below and compare it with what was recorded.`,
    quantities: `
first 2..4/1, second 6..8/1, taken 200..400/10, shop_rent 600..900/10, shades 900..1600/50, paid 300..480/10`,
    told: `
== given
2027-01-04 | Rent of January | | rent 750=shop_rent, bank -750
2027-01-11 | Lamps from the makers, on account | | fittings 1450=shades, suppliers -1450
2027-01-15 | A customer pays | | customers 420=paid, bank -420
2027-01-19 | Cards for the window | | window 82=second*10+first, bank -82
2027-01-25 | The owner takes money | | wages 300=taken, bank -300
2027-01-28 | Rent of January | | rent 750=shop_rent, bank -750
== Put right what is wrong
> Nothing is deleted. Each correction is an entry of 31 January that, together with the wrong one, says what is right.
2027-01-31 | Lamps are no fittings | The paper of 11 January says: *lamps for sale, {purchases}*. They were recorded as shop fittings. | purchases 1450=shades, fittings -1450=shades
2027-01-31 | Debit and credit turned back | The bank’s paper of 15 January says: *received from a customer, {= amount("e3", "bank") }*. It was recorded as if the customer had got the money; so it is put right by twice as much, {bank}. | bank 840=paid*2, customers -840=paid*2
2027-01-31 | Two digits changed places | The printer’s bill for the cards of 19 January says {= amount("e4", "window") - amount("e9", "window") }; recorded was {= amount("e4", "window") }. The bank paid what the bill says. | bank 54=(second-first)*9, window -54=(second-first)*9
2027-01-31 | Taken out, not wages | The owner says: *the {drawings} of 25 January were for the household*. | drawings 300=taken, wages -300=taken
2027-01-31 | Recorded twice | The bank paid the rent of January once, {rent}; it was recorded on 4 January and again on the 28th. | bank 750=shop_rent, rent -750=shop_rent`,
    questions: [
      choice(
        'Which of the five mistakes leaves debits and credits equal?',
        ['Lamps as fittings alone', 'None of them', '*All of them'],
        'A trial balance that agrees says only that each entry had two sides, and nothing of whether they were the right ones.',
      ),
      choice(
        'A difference divides by nine. What may have happened?',
        ['*Two digits changed places', 'An entry was left out', 'A line was recorded twice'],
        'Two neighbouring digits that change places always differ by a multiple of nine.',
      ),
      figure(
        'By how much was the bank wrong before anything was put right?',
        'amount("e8", "bank") + amount("e9", "bank") + amount("e11", "bank")',
        'All three mistakes that touched the bank went the same way: it stood too low.',
      ),
    ],
  },
  {
    ...{ id: 'yard-cash', subject: 'ends', company: TWO_RIVERS, begins: 'read' },
    title: 'Profit is not cash: a timber yard’s half year',
    says: 'Explain why money and profit differ, and tell what the business did from what it bought and borrowed.',
    brief: `The half year of Two Rivers Timber Yard is recorded. It made a profit, and yet its money moved quite differently. Look at profit and loss, the balance sheet and the cash flow, and find out why.`,
    quantities: 'sold 18000..22000/100, gone 8000..9600/100, pay 2000..2900/50',
    told: `
== given
2027-01-20 | Timber bought on account | | timber 9800, foresters -9800
2027-02-14 | Timber sold on account | | customers 19400=sold, sales -19400
2027-02-14 | What that timber had cost | | cost 8800=gone, timber -8800=gone
2027-03-05 | Builders pay | | bank 12900, customers -12900
2027-03-22 | Foresters are paid | | foresters 8200, bank -8200
2027-04-12 | A truck bought | | truck 9000, bank -9000
2027-05-03 | Instalment: loan and interest | | loan-soon 3000, interest 450, bank -3450
2027-05-28 | Wages | | wages 2600=pay, bank -2600
2027-06-15 | Dividends paid | | dividends-owed 1500, bank -1500
2027-06-30 | Depreciation | | saw-charge 1400, truck-charge 800, saw-dep -1400, truck-dep -800 | adjusting
== Read profit and loss
> Begin with what was earned in the half year.
== Read the cash flow
> Now the same half year in money: from operating, from investing, from financing.`,
    questions: [
      at(
        'Read profit and loss',
        figure(
          'What is the profit of the half year?',
          'total("profit")',
          'What was earned less what it cost, whenever it was paid.',
        ),
      ),
      at(
        'Read the cash flow',
        figure(
          'By how much did the money change, up or down? A fall is below zero.',
          'balance("bank") - opening("bank")',
          'Profit says what was earned, cash what arrived.',
        ),
      ),
      at(
        'Read the cash flow',
        figure(
          'How much money went into the truck?',
          'amount("e6", "truck")',
          'Investing: what is bought now serves for years, and costs profit only bit by bit.',
        ),
      ),
      choice(
        'Which of these cost money and no profit in the half year?',
        [
          '*The truck',
          'Depreciation',
          '*The part of the instalment that pays back the loan',
          '*Dividends paid',
          'Wages',
        ],
        'A thing bought, a debt given back, a share of profit paid out: money goes, and nothing is used up by it.',
      ),
      choice(
        'Depreciation lowers the profit. What does it do to money?',
        ['It lowers it as well', '*Nothing', 'It raises it'],
        'Nothing is paid when a cost is spread; so the cash flow that begins from the profit adds it back.',
      ),
    ],
  },
  {
    ...{ id: 'studio-read', subject: 'ends', company: LARKFIELD, begins: 'read' },
    title: 'Read the statements of a print studio',
    says: 'Answer what owners, bankers and suppliers ask, from the statements alone.',
    brief: `The books of Larkfield Print Studio for the first quarter of 2027 are kept. Nothing has to be recorded: read the statements, and answer what others want to know.`,
    quantities: 'pay 4200..5600/100',
    told: `
== given
2027-01-22 | Printing on account | | customers 12600, printing -12600
2027-02-05 | Paper and ink bought on account | | stock 3400, suppliers -3400
2027-02-18 | Customers pay | | bank 11800, customers -11800
2027-03-01 | Rent | | rent 1800, bank -1800
2027-03-12 | Suppliers are paid | | suppliers 4100, bank -4100
2027-03-20 | Wages | | wages 4600=pay, bank -4600
2027-03-31 | Paper and ink used | | paper-used 2700, stock -2700 | adjusting
2027-03-31 | Insurance used up | | cover 320, cover-ahead -320 | adjusting
2027-03-31 | Depreciation | | presses-charge 900, desks-charge 105, presses-dep -900, desks-dep -105 | adjusting
2027-03-31 | Interest and an instalment | | interest 180, loan-soon 750, bank -930
== The owners ask
> How has the studio done in the quarter?
== The bank asks
> Can the studio pay what falls due?`,
    questions: [
      at(
        'The owners ask',
        figure(
          'What is the gross profit?',
          'total("gross-profit")',
          'Revenue less what the printing itself used: paper and ink.',
        ),
      ),
      at(
        'The owners ask',
        figure(
          'What is the profit for the quarter?',
          'total("profit")',
          'What is left after all that was used up in the quarter.',
        ),
      ),
      at(
        'The owners ask',
        which(
          'Which expense was the largest?',
          ['wages'],
          'Of all rows under expenses it has the highest amount; none of it is seen in the gross profit.',
        ),
      ),
      at('The bank asks', {
        ...figure(
          'How many times are the current liabilities covered by the current assets? Two decimals.',
          'total("current-assets") / total("current-liabilities")',
          'Current assets divided by current liabilities. Under one, something else has to be found to pay with.',
        ),
        tolerance: '0.01',
      } as ReturnType<typeof figure>),
      at(
        'The bank asks',
        figure(
          'How much is borrowed from the bank in all, at the end?',
          'balance("loan") + balance("loan-soon")',
          'What is due within a year and what is due later.',
        ),
      ),
      choice(
        'Customers pay what they owe. What becomes of the profit?',
        ['It rises', 'It falls', '*It is not affected'],
        'It was earned when the printing was done; paying only turns what is owed into money.',
      ),
    ],
  },
];
