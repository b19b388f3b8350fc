import type { Chance } from './chance.js';

/** Other usual names of accounts, by a part of the name that they are put in the place of; in lower case. */
const OTHERWISE: readonly (readonly [says: string, ...same: string[]])[] = [
  [
    'trade receivables',
    'accounts receivable',
    'debtors',
    'customers',
    'a/r',
    'trade debtors',
    'sales ledger control',
  ],
  [
    'trade payables',
    'accounts payable',
    'creditors',
    'suppliers',
    'a/p',
    'trade creditors',
    'purchase ledger control',
  ],
  [
    'bank, current account',
    'bank',
    'cash at bank',
    'current account',
    'bank account',
    'checking account',
  ],
  ['till float', 'cash in hand', 'petty cash', 'till', 'cash on hand'],
  [
    'allowance for doubtful debts',
    'provision for doubtful debts',
    'allowance for bad debts',
    'doubtful debts allowance',
  ],
  ['shop stock', 'inventory, shop', 'stock for the shop', 'shop inventory', 'merchandise'],
  [
    'prepaid insurance',
    'insurance prepaid',
    'insurance paid in advance',
    'unexpired insurance',
    'prepaid ins.',
  ],
  [
    'accumulated depreciation',
    'acc. depreciation',
    'accum. depn',
    'provision for depreciation',
    'depreciation to date',
  ],
  ['van and trailer', 'motor vehicles', 'vehicles', 'van & trailer'],
  ['wages payable', 'wages due', 'accrued wages', 'wages owed', 'salaries payable'],
  ['income tax payable', 'tax payable', 'corporation tax payable', 'income tax owed'],
  ['share capital', 'common stock', 'ordinary shares', 'issued share capital'],
  ['retained earnings', 'retained profit', 'retained profits', 'profits retained'],
  ['cost of goods sold', 'cost of sales', 'cogs'],
  ['refunds given', 'sales returns', 'returns inwards', 'refunds'],
  ['bank charges', 'bank fees', 'bank service charges'],
  ['interest earned', 'interest income', 'interest received'],
  ['loan interest', 'interest expense', 'finance costs', 'interest paid', 'interest on loan'],
  ['income tax', 'corporation tax', 'taxation', 'tax expense'],
  ['wages', 'salaries', 'wages and salaries', 'staff costs', 'payroll'],
  ['depreciation', 'depreciation expense', 'depn'],
  ['insurance', 'insurance expense', 'insurance cost'],
  ['sales tax', 'vat', 'value added tax'],
  ['owner’s capital', 'capital', 'owner’s equity', 'capital account'],
  ['drawings', 'withdrawals', 'owner’s drawings'],
  ['repairs', 'repairs and maintenance', 'maintenance'],
  ['advertising', 'marketing', 'advertising expense'],
  ['electricity', 'light and heat', 'electricity expense'],
];

const capital = (text: string): string => text.slice(0, 1).toUpperCase() + text.slice(1);

/** Another usual name for what a name says; null where none is known. */
export function otherwise(name: string, chance: Chance): string | null {
  const plain = name.toLowerCase();
  const row = OTHERWISE.find(([says]) => plain === says || plain.startsWith(`${says},`));
  const said = row ? chance.oneOf(row.slice(1)) : null;
  return row && said ? capital(said + plain.slice(row[0].length)) : null;
}

const SHORT: readonly (readonly [long: RegExp, short: string])[] = [
  [/\bdepreciation\b/i, 'depn'],
  [/\baccumulated\b/i, 'acc.'],
  [/\binsurance\b/i, 'ins.'],
  [/\baccounts?\b/i, 'a/c'],
  [/\bequipment\b/i, 'equip.'],
  [/\bexpenses?\b/i, 'exp.'],
  [/\breceivables?\b/i, 'rec.'],
  [/\bpayables?\b/i, 'pay.'],
  [/\bprepaid\b/i, 'ppd'],
  [/\band\b/i, '&'],
  [/\bcapital\b/i, 'cap.'],
  [/\bearnings\b/i, 'earn.'],
  [/\binterest\b/i, 'int.'],
];

/** A name with its words cut short. */
export function shortened(name: string): string | null {
  const short = SHORT.reduce((text, [long, by]) => text.replace(long, by), name);
  return short === name ? null : capital(short);
}

const LETTER = /^\p{L}$/u;

/** A name with one slip: two letters exchanged, one left out, one doubled or one for another. */
export function slipped(name: string, chance: Chance): string {
  const places = [...name].flatMap((each, i) =>
    i > 0 && LETTER.test(each) && LETTER.test(name[i + 1] ?? '') && each !== name[i + 1] ? [i] : [],
  );
  const at = chance.oneOf(places);
  if (at === null) return name;
  const [before, here, next, after] = [
    name.slice(0, at),
    name[at],
    name[at + 1],
    name.slice(at + 2),
  ];
  const slips = [
    `${before}${next}${here}${after}`,
    `${before}${next}${after}`,
    `${before}${here}${here}${next}${after}`,
    `${before}${here === 'e' ? 'r' : 'e'}${next}${after}`,
  ];
  return chance.oneOf(slips) ?? name;
}

/** The words of a name in another order, or in capitals, or with a hyphen. */
export function restyled(name: string, chance: Chance): string {
  const parts = name.split(', ');
  const styles = [
    name.toUpperCase(),
    name.toLowerCase(),
    parts.length === 2 ? `${parts[1]} ${parts[0]}` : `${name} account`,
    name.replace(' ', '-'),
    ` ${name.replace(' ', '  ')}`,
  ];
  return chance.oneOf(styles) ?? name;
}
