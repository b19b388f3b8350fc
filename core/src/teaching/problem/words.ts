/**
 * Words of problems as they are said, each with its forms: what is understood is told of the first of a row. British and
 * American words stand together.
 */
const FORMS = `
buy buys bought buying purchases purchased purchasing acquires acquired acquiring
sell sells sold selling
subscribe subscribes subscribed subscribing
deliver delivers delivered delivering
pay payment payments pays paid paying reimburse reimburses reimbursed settle settles settled settling spend spends spent
receive receipts receives received receiving collects collected collecting gets got
owe owes owed owing
invest invests invested investing contributes contributed contributing introduces introduced introducing injects injected
put puts putting places placed
take takes took taken taking
withdraw withdraws withdrew withdrawn withdrawing withdrawal withdrawals draw draws drew drawn
borrow borrows borrowed borrowing
repay repays repaid repaying repayment
return returns returned
send sends sent sending mail mails mailed
refund refunds refunded
earn earns earned
perform performs performed performing do does did done renders rendered provides provided completes completed finishes finished
invoice invoices invoiced invoicing bills billed billing
bill
use uses used using expired expires consumed consumes
accrue accrues accrued
wear wears worn wore
prepay prepays prepaid prepaying
lose loses lost losing
allow allows allowed
fall falls
depreciate depreciates depreciated depreciation amortised amortized amortise amortize amortisation amortization
endure lasts lasted lasting serves serve
declare declares declared approves approved approve grants granted resolves resolved decides decided
issue issues issued issuing
deposit deposits deposited
complain complains complained
lend lends lent
sign signs signed signing
agree agrees agreed promises promised plans planned intends considers negotiates negotiated
order orders ordered ordering
hire hires hired employs employed engages engaged
write writes wrote written
count counts counted counting
remain remains remained remaining left hand unsold unused
correct corrects corrected
record records recorded entered posted
cost costs costing
give gives gave given giving
make makes made making
need needs needed
credit credits credited
value valued values
come comes came
go goes went gone going
arrive arrives arrived
leave leaves leaving
transfer transfers transferred
charge charges charged charging
estimate estimates estimated
donate donates donated
debit debits debited
begin begins began begun starts started start opens opened
bring brings brought
be is are was were been being
have has had having
keep keeps kept
customer customers client clients debtor debtors buyer buyers guests guest members member students student patients patient visitors visitor passengers pupils pupil parents learners learner trainees trainee
till tills safe
supplier suppliers creditor creditors vendor vendors wholesaler wholesalers
goods merchandise stock inventory wares
service services
wage wages salary salaries payroll
month months
year years
week weeks
day days
advance ahead beforehand upfront
receivable receivables
payable payables
cheque cheques check checks
each apiece
share shares
half
note notes
passes
`;

/** Two or more words that say one thing, and what they are told as; longest first where one begins another. */
const PHRASES: readonly (readonly [string, string])[] = (
  [
    ['property tax|property taxes|council tax|business rates', 'rates'],
    ['booked as', 'record as'],
    ['booked to', 'record to'],
    ['booked under', 'record under'],
    ['booked in', 'record in'],
    ['wrongly booked', 'wrongly record'],
    ['be booked wrongly', 'be record wrongly'],
    ['hand over|handed over|hands over', 'pay'],
    ['draw a cheque|write a cheque|issue a cheque|make out a cheque|give a cheque', 'pay'],
    ['receive credit|receive a credit', 'credit'],
    ['cash at bank|in cash at bank|cash in bank', 'bank'],
    ['have to pay|must pay|be to pay', 'owe'],
    ['hire out|rent out|lease out|let out', 'rented'],
    ['standing order|direct debit', 'bank'],
    ['send us', 'pay'],
    ['be order and deliver', 'be deliver'],
    ['on account|on credit|on open account|on tick|on invoice', 'onaccount'],
    ['pay back|pay off|paying back', 'repay'],
    ['credit card|charge card|company card', 'creditcard'],
    ['in cash|for cash|cash down|with cash|by cash', 'cash'],
    ['in full|in total|at once|straight away', 'atonce'],
    ['in advance|up front|before hand', 'advance'],
    ['not yet|have not been|be not yet', 'notyet'],
    ['write off', 'writeoff'],
    ['write down', 'writedown'],
    ['send a bill|send bill|send invoice|send a invoice', 'invoice'],
    ['common stock|capital stock|preferred stock|preference shares|ordinary shares', 'share'],
    ['to last|will last|expected to last', 'endure'],
    ['declare and pay|be declare and pay', 'pay'],
    ['without interest|interest free', 'interestfree'],
    ['be still', 'remain'],
    ['return unpaid|returned unpaid|dishonoured|dishonored|bounced|bounces', 'dishonour'],
    ['living expenses|living costs|own expenses', 'private'],
    ['wear out', 'wear'],
    ['in return for|in exchange for', 'for'],
    ['list price', 'price'],
    ['part time|full time', 'time'],
    ['square up|squares up|squared up|settle up|pay up', 'pay'],
    ['send back|sent back|take back|come back|comes back|came back|bring back', 'return'],
    ['bring in', 'bring'],
    ['take in', 'receive'],
    ['come to|comes to|came to|amount to|amounts to|amounted to', 'be'],
    ['card bill', 'creditcard bill'],
    [
      'use up|run off|ran off|run out|ran out|gone by|go by|have passed|have elapsed|have gone',
      'use',
    ],
    ['end of month|month end|end of this month', 'end'],
    ['of which|of these|of it|of this', 'ofit'],
    ['down payment', 'downpayment'],
    ['bank account|current account|checking account|bank transfer|business account', 'bank'],
    ['doubtful debts|doubtful accounts|bad debts|uncollectible accounts', 'doubtful'],
    ['accounts receivable|trade receivable|trade debtors', 'receivable'],
    ['accounts payable|trade payable|trade creditors', 'payable'],
    ['sales tax', 'vat'],
    ['income tax|corporation tax|profit tax|tax on profit|tax on income', 'incometax'],
    ['residual value|salvage value|scrap value|residual', 'residual'],
    ['straight line', 'straightline'],
    ['own use|personal use|private use|family use', 'private'],
    ['by mistake|in error|wrongly|mistakenly|incorrectly', 'wrongly'],
    ['instead of|and not', 'insteadof'],
    ['purchase order', 'order'],
    ['wipe off', 'writeoff'],
    ['cash register|cash box|cash desk|cash drawer', 'register'],
    [
      'cash discount|prompt payment discount|settlement discount|early payment discount',
      'discount',
    ],
    [
      'sales assistant|sales staff|sales clerk|sales manager|sales person|sales team',
      'salesperson',
    ],
    ['pay period|pay term|pay terms|credit period|period of credit', 'onaccount'],
    ['a will', 'testament'],
    ['apart from|except for|all but', 'except'],
    ['cash sales|cash sale', 'sales cash'],
    ['credit sales|credit sale', 'sales onaccount'],
    ['credit note', 'creditnote'],
    ['have gone off|go off', 'spoil'],
    ['cash customer', 'customer cash'],
    ['owner of business|owner of firm|owner of company|owner of shop|owner of studio', 'owner'],
    ['owner of', 'customer of'],
    ['go back to', 'return to'],
    ['remain bank|remain bank account', 'be pay from bank'],
    [
      'be take by bank|be take from bank|be debit to bank|be debit from bank|leave bank|leave bank account',
      'be pay from bank',
    ],
    ['be debit to bank account|be debit from bank account|be debit to account', 'be pay from bank'],
    ['go off account|come off account|go out of account|go off bank account', 'be pay from bank'],
  ] as const
).flatMap(([said, as]) => said.split('|').map((each) => [each, as] as const));

const LEMMAS: ReadonlyMap<string, string> = new Map(
  FORMS.trim()
    .split('\n')
    .flatMap((row) => {
      const forms = row.split(' ');
      return forms.map((form) => [form, forms[0] ?? form] as const);
    }),
);

/** What a word is told as: `bought` is `buy`; a word of its own is itself, in small letters. */
export const lemmaOf = (word: string): string => {
  const small = word.toLowerCase();
  return LEMMAS.get(small) ?? small;
};

const PHRASE_WORDS = PHRASES.map(([said, as]) => ({ words: said.split(' '), as })).sort(
  (a, b) => b.words.length - a.words.length,
);

/** How many words from here say one thing, and what; null where each stands by itself. */
export function phraseAt(
  lemmas: readonly string[],
  at: number,
): { readonly length: number; readonly as: string } | null {
  const found = PHRASE_WORDS.find(({ words }) =>
    words.every((word, i) => lemmas[at + i] === lemmaOf(word) || lemmas[at + i] === word),
  );
  return found ? { length: found.words.length, as: found.as } : null;
}

/** What a sentence tells: words by which one knows that something is done, and that a clause begins. */
export const DOING: ReadonlySet<string> = new Set(
  (
    'buy sell pay prepay receive wear lose owe invest put take withdraw borrow repay return refund earn perform invoice use accrue ' +
    'depreciate endure declare issue deposit lend sign agree order hire writeoff writedown count transfer correct record ' +
    'give charge donate begin bring keep remain estimate need'
  ).split(' '),
);

/** Who the business is told as. */
export const OURS: readonly string[] =
  'business firm company we it they i studio shop owner partner partners practice club treasurer she he'.split(
    ' ',
  );

/** Numbers in words. */
export const NUMBERS: ReadonlyMap<string, number> = new Map(
  (
    'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen ' +
    'eighteen nineteen twenty'
  )
    .split(' ')
    .map((word, i) => [word, i] as const)
    .concat(
      'thirty forty fifty sixty seventy eighty ninety'
        .split(' ')
        .map((word, i) => [word, 30 + 10 * i]),
    ),
);

/** Parts of a whole in words. */
export const PARTS: ReadonlyMap<string, number> = new Map([
  ['half', 2],
  ['halves', 2],
  ['third', 3],
  ['thirds', 3],
  ['quarter', 4],
  ['quarters', 4],
  ['fifth', 5],
  ['fifths', 5],
  ['tenth', 10],
  ['sixth', 6],
]);

const MONTHS = 'jan feb mar apr may jun jul aug sep oct nov dec'.split(' ');
const LONG =
  'january february march april may june july august september october november december'.split(
    ' ',
  );

/** 1 to 12 for a month’s name, also cut short; 0 for any other word. */
export function monthNamed(word: string): number {
  const small = word.toLowerCase().replace('.', '');
  const cut = small === 'sept' ? 'sep' : small;
  return 1 + (LONG.includes(cut) ? LONG.indexOf(cut) : MONTHS.indexOf(cut));
}
