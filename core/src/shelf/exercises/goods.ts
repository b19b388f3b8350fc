import { AMBRY } from '../companies/ambry.js';
import { TWO_RIVERS } from '../companies/two-rivers.js';
import { at, choice, figure, which, type ReadySheet } from '../ready/ready-sheet.js';

/** Goods counted with each sale, or at the end; and the tax on them. */
export const GOODS: readonly ReadySheet[] = [
  {
    ...{ id: 'yard-perpetual', subject: 'goods', company: TWO_RIVERS, begins: 'go-on' },
    title: 'Every sale has its cost: stock kept all the time',
    says: 'Record a sale and what the goods had cost, goods that come back, and delivery out.',
    brief: `Two Rivers Timber Yard knows at any time what lies in the yard: with each sale the timber leaves at what it had cost. So each sale is two entries.`,
    quantities: 'first 4000..5600/100, back 200..600/20, second 1000..1800/20',
    told: `
== March
2027-03-01 | Timber bought on account | Foresters deliver timber for {timber}; it is paid later. | timber 8400, foresters -8400
2027-03-05 | Timber sold on account | A builder buys timber for {customers} and pays later. | customers 7350=first*1.5, sales -7350
2027-03-05 | What that timber had cost | The timber of 5 March had cost {cost}. | cost 4900=first, timber -4900=first
2027-03-06 | Delivered to the builder | A haulier brings it to the builder and is paid {delivery} from the bank. | delivery 280, bank -280
2027-03-12 | Some of it comes back | The builder sends back timber that was sold for {returns}; that much less is owed. | returns 600=back*1.5, customers -600=back*1.5
2027-03-12 | It lies in the yard again | What came back is as good as new and had cost {timber}. | timber 400=back, cost -400=back
2027-03-17 | Timber sold at once | Timber is sold for {sales}; the money comes into the bank. | bank 2070=second*1.5, sales -2070
2027-03-17 | What that timber had cost | The timber of 17 March had cost {cost}. | cost 1380=second, timber -1380=second
2027-03-29 | The foresters are paid | {foresters} is paid to the foresters from the bank. | foresters 7300, bank -7300`,
    questions: [
      figure(
        'What is the gross profit of March?',
        'total("gross-profit")',
        'Sales, less what came back, less what the timber sold had cost. Delivery to builders comes further down.',
      ),
      choice(
        'The second entry of a sale is forgotten. What becomes of profit and assets?',
        ['*Both are too high', 'Both are too low', 'Only the profit is too high'],
        'The timber is gone and still stands among the assets; what it had cost is not counted against the sale.',
      ),
      figure(
        'At what does the timber in the yard stand at the end?',
        'balance("timber")',
        'What was there, what came in and came back, less what left: each at its cost.',
      ),
    ],
  },
  {
    ...{ id: 'lamps-periodic', subject: 'goods', company: AMBRY, begins: 'go-on' },
    title: 'Counted at the end: a lamp shop’s quarter',
    says: 'Record purchases as they come and find the cost of what was sold from a count.',
    brief: `Ambry Lamp Shop records what it buys as *Lamps bought* and counts what is on the shelves when a quarter ends. Only then it knows what its sales have cost: what was there, and was bought, and is not there any more.`,
    quantities: 'counter 4200..5200/50, cafe 2200..3000/20',
    told: `
== January to March
2027-01-11 | Lamps bought on account | The makers of lamps deliver lamps for {purchases}, to be paid later. | purchases 4600, suppliers -4600
2027-01-11 | Carriage for them | The carrier brings them and is paid {freight} from the bank. | freight 140, bank -140
2027-01-19 | Broken lamps sent back | Lamps for {suppliers} arrived broken and go back; they need not be paid. | suppliers 350, returns-out -350
2027-02-06 | Lamps sold over the counter | Lamps are sold over the counter for {till} in cash. | till 4700=counter, sales -4700
2027-02-22 | Lamps sold on account | A café furnishes itself: lamps for {customers}, on account. | customers 2600=cafe, sales -2600
2027-02-25 | Lamps come back | The café brings back lamps that were sold for {returns-in}; it owes that much less. | returns-in 280, customers -280
2027-03-15 | Makers of lamps paid | {suppliers} is paid to the makers of lamps from the bank. | suppliers 4250, bank -4250
2027-03-24 | Cash taken to the bank | {bank} is taken from the till to the bank. | bank 3700, till -3700
== The count | adjusting
2027-03-31 | The change of stock | On 31 March lamps that had cost {= balance("stock") } are on the shelves; when the year began it was {opening stock}. | stock 700, stock-change -700`,
    questions: [
      at(
        'The count',
        choice(
          'There are more lamps on the shelves than at the beginning. What did the sales cost?',
          ['*Less than was bought', 'More than was bought', 'As much as was bought'],
          'A part of what was bought is still there: it is an asset, and no cost yet.',
        ),
      ),
      figure(
        'What did the lamps that were sold cost?',
        'total("revenue") - total("gross-profit")',
        'Lamps bought and their carriage, less what went back, less what there is more on the shelves.',
      ),
      figure(
        'What is the gross profit of the quarter?',
        'total("gross-profit")',
        'Sales less what came back, less the cost of what was sold.',
      ),
    ],
  },
  {
    ...{ id: 'lamps-sales-tax', subject: 'goods', company: AMBRY, begins: 'go-on' },
    title: 'Tax on what is sold and bought',
    says: 'Keep the tax that customers pay apart from revenue, and take off what was paid oneself.',
    brief: `Since January Ambry Lamp Shop charges 20 % tax on what it sells, and pays 20 % on what it buys. The tax on sales is owed to the tax office; what the shop itself has paid on purchases is taken off.

All amounts are said without the tax and with it.`,
    quantities:
      'bought 2400..3600/100, notice 100..200/10, counter 2400..3400/100, hotel 3600..4800/100',
    adds: `
tax-owed         | Tax on sales, owed               | sales-tax                |
tax-paid         | Tax on purchases, to be had back | tax-recoverable          |`,
    told: `
== January
2027-01-08 | Lamps bought with tax | Lamps for {purchases} are bought on account; with the tax of {tax-paid} the bill comes to {suppliers}. | purchases 3000=bought, tax-paid 600=bought*0.2, suppliers -3600
2027-01-15 | Lamps sold with tax | Lamps for {sales} are sold over the counter; with the tax of {tax-owed} customers pay {till} in cash. | till 3480=counter*1.2, sales -2900=counter, tax-owed -580=counter*0.2
2027-01-22 | Lamps sold on account with tax | A hotel buys lamps for {sales} on account; with the tax of {tax-owed} it owes {customers}. | customers 5040, sales -4200=hotel, tax-owed -840=hotel*0.2
2027-01-27 | A notice in the paper | A notice in the paper costs {window} and {tax-paid} tax; {bank} is paid from the bank. | window 150=notice, tax-paid 30=notice*0.2, bank -180
2027-01-29 | Cash to the bank | {bank} is taken from the till to the bank. | bank 2800=counter, till -2800=counter
== The tax is settled
> What the shop paid on its purchases is taken off what it owes on its sales.
2027-01-31 | Tax on purchases taken off | All the tax on purchases so far, {tax-paid}, is taken off the tax on sales. | tax-owed 630=(bought+notice)*0.2, tax-paid -630=(bought+notice)*0.2
2027-02-10 | Tax paid to the tax office | What is left for January, {bank}, is paid to the tax office from the bank. | tax-owed 790=(counter+hotel-bought-notice)*0.2, bank -790`,
    questions: [
      figure(
        'What is the revenue of January?',
        'total("revenue")',
        'Without the tax: you collect it, the tax office owns it.',
      ),
      which(
        'On which account does a debt to the tax office stand?',
        ['tax-owed'],
        'Tax that customers have paid is owed from the day of the sale, although the tax office asks for it later.',
      ),
      choice(
        'Sales are recorded with the tax in them. What becomes of the profit?',
        ['*It is too high', 'It is too low', 'It is not affected'],
        'What belongs to the tax office would count as earned, and a debt would be missing.',
      ),
    ],
  },
];
