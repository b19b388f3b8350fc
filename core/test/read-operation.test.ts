import {
  apply,
  account,
  operationSays,
  readOperations,
  shippedPlan,
  shippedScheme,
  type Operation,
} from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';
import { entry } from './builder.js';

const book = ternIsland();
const bank = book.accounts[0]?.id ?? '';
const particulars = {
  description: null,
  cashFlow: null,
  taxLine: null,
  taxCode: null,
  budget: null,
  headsOnly: false,
  usedFrom: null,
  budgets: [],
  bankDetails: null,
  chargedTo: null,
};

/** One of each kind, with the sentence that the history tells of it. */
const EACH: readonly (readonly [Operation, RegExp])[] = [
  [
    {
      kind: 'add-account',
      account: account('x', 'Ice', { number: '1420', type: 'supplies' }),
      index: 3,
    },
    /^“1420 Ice” added in Current assets\.$/,
  ],
  [{ kind: 'rename-account', id: bank, name: 'Bank' }, /renamed “Bank”\.$/],
  [{ kind: 'renumber-account', id: bank, number: null }, /lost its number\.$/],
  [{ kind: 'renumber-account', id: bank, number: '1011' }, /has the number 1011 now\.$/],
  [
    { kind: 'move-account', id: bank, type: 'vehicles', parent: null, number: null, index: 0 },
    /moved to Non-current assets\.$/,
  ],
  [
    { kind: 'move-account', id: bank, type: 'bank', parent: 'till', number: '1010' },
    /put under “1020 Till float”\.$/,
  ],
  [
    {
      kind: 'move-account',
      id: 'fleet-dep',
      type: 'accumulated-depreciation',
      parent: null,
      number: '1519',
    },
    /taken out from under “1510 Hire fleet”\.$/,
  ],
  [
    { kind: 'move-account', id: bank, type: 'cash-in-hand', parent: null, number: '1099' },
    /moved within Current assets; its number is now 1099\.$/,
  ],
  [
    {
      kind: 'describe-account',
      id: bank,
      ...particulars,
      cashFlow: 'investing',
      budget: 500,
      description: 'Main',
    },
    /^The particulars of “1010 Bank, current account” changed\.$/,
  ],
  [{ kind: 'state-side', id: bank, side: 'credit' }, /is said to stand normally in credit\.$/],
  [{ kind: 'state-side', id: bank, side: null }, /^No normal side is said of /],
  [{ kind: 'retire-account', id: 'bank-charges' }, / retired\.$/],
  [{ kind: 'bring-back-account', id: bank }, / brought back\.$/],
  [{ kind: 'delete-account', id: bank, children: 'lift' }, / deleted\.$/],
  [{ kind: 'set-opening', id: bank, amount: -125_050 }, /: 1,250\.50 in credit\.$/],
  [{ kind: 'set-opening', id: bank, amount: 0 }, / taken away\.$/],
  [{ kind: 'set-opening-date', date: '2026-12-31' }, / 31 December 2026\.$/],
  [
    {
      kind: 'record-entry',
      entry: entry('n', '2027-02-01', { lines: { [bank]: 5, till: -5 } }),
      index: 1,
      restores: true,
    },
    /^Entry “n” of 1 February 2027 recorded\.$/,
  ],
  [
    { kind: 'change-entry', entry: entry('n', '2027-02-01', { lines: { [bank]: 5, till: -5 } }) },
    / changed\.$/,
  ],
  [{ kind: 'remove-entry', id: book.entries[0]?.id ?? '' }, /^Entry “.+” of .+ removed\.$/],
  [
    { kind: 'change-company', company: { ...book.company, words: 'british' } },
    /^The words are .+ now\.$/,
  ],
  [
    {
      kind: 'change-company',
      company: { ...book.company, words: 'international', trade: 'Boats' },
    },
    /^The particulars of the company changed\.$/,
  ],
  [
    { kind: 'change-tax-lists', taxLists: { lines: [{ id: '4', name: 'Fees' }], codes: [] } },
    /^The lists of tax lines/,
  ],
  [
    { kind: 'renumber-all', numbers: [{ id: bank, number: null }], numberPlan: null },
    /^Numbers taken off\.$/,
  ],
  [
    {
      kind: 'renumber-all',
      numbers: [{ id: bank, number: '10100' }],
      numberPlan: shippedPlan('five-digit'),
    },
    /^1 account renumbered, five digits\.$/,
  ],
  [{ kind: 'several', operations: [] }, /^Nothing changed\.$/],
  [
    {
      kind: 'several',
      operations: [
        { kind: 'retire-account', id: bank },
        { kind: 'set-opening', id: bank, amount: 0 },
      ],
    },
    /^2 changes at once, the first: “1010 Bank, current account” retired\.$/,
  ],
];

describe('an operation that comes over the wire', () => {
  it.each(EACH)('$kind is read as it was sent', (operation) => {
    const sent = JSON.parse(JSON.stringify(operation)) as unknown;
    expect(readOperations([sent])).toEqual({ ok: true, value: [operation] });
  });

  it.each(EACH)('$kind is told in a sentence', (operation, says) => {
    expect(operationSays(operation, book)).toMatch(says);
  });

  it('a scheme comes with the words that it is written in', () => {
    const scheme = shippedScheme('non-current-first');
    const sent = JSON.parse(JSON.stringify({ kind: 'change-scheme', scheme })) as unknown;
    const read = readOperations([sent]);
    if (!read.ok) throw new Error(read.refusals[0]?.says);
    const done = apply(book, read.value[0] as Operation);
    expect(done.ok && done.value.book.scheme.id).toBe('non-current-first');
    expect(operationSays(read.value[0] as Operation, book)).toMatch(/^The scheme is “.+” now\.$/);
  });
});

describe('what is no operation', () => {
  const HOSTILE: readonly (readonly [string, unknown, RegExp])[] = [
    ['nothing', null, /an operation that is known/],
    ['a text', 'rename', /an operation that is known/],
    ['a kind that there is not', { kind: 'burn-book' }, /“burn-book”/],
    ['a part of the language', { kind: 'constructor' }, /“constructor”/],
    ['a name that is a number', { kind: 'rename-account', id: 'a', name: 7 }, /text/],
    ['a key too many', { kind: 'retire-account', id: 'a', by: 'me' }, /by/],
    [
      'an amount with decimals',
      { kind: 'set-opening', id: 'a', amount: 0.5 },
      /whole number of minor units/,
    ],
    [
      'an amount beyond counting',
      { kind: 'set-opening', id: 'a', amount: 2 ** 60 },
      /whole number/,
    ],
    ['an amount as text', { kind: 'set-opening', id: 'a', amount: '5' }, /whole number/],
    [
      'a position below zero',
      { kind: 'move-account', id: 'a', type: null, parent: null, number: null, index: -1 },
      /0/,
    ],
    ['a side that there is not', { kind: 'state-side', id: 'a', side: 'left' }, /debit/],
    [
      'an activity that there is not',
      { kind: 'describe-account', id: 'a', ...particulars, cashFlow: 'sleeping' },
      /cash/,
    ],
    ['children that are eaten', { kind: 'delete-account', id: 'a', children: 'eat' }, /lift/],
    [
      'an entry without lines',
      {
        kind: 'record-entry',
        entry: { id: 'e', date: '2027-01-01', kind: 'general', lines: 'none' },
      },
      /list/,
    ],
    [
      'a line with more in it',
      {
        kind: 'record-entry',
        entry: {
          id: 'e',
          date: '2027-01-01',
          kind: 'general',
          lines: [{ account: 'a', amount: 1, memo: '' }],
        },
      },
      /memo/,
    ],
    ['a scheme that is none', { kind: 'change-scheme', scheme: 5 }, /./],
    [
      'a company without a name',
      { kind: 'change-company', company: { legalForm: 'company' } },
      /name/,
    ],
    ['numbers that are no list', { kind: 'renumber-all', numbers: {}, numberPlan: null }, /list/],
  ];

  it.each(HOSTILE)('%s is refused with its place', (_, sent, says) => {
    const read = readOperations([{ kind: 'retire-account', id: 'fine' }, sent]);
    if (read.ok) throw new Error('it was taken');
    expect(read.refusals.map((each) => `${each.at} ${each.says}`).join('\n')).toMatch(says);
    for (const refusal of read.refusals) expect(refusal.at).toMatch(/^\[1\]/);
  });

  it('operations within operations are taken a few levels deep, no deeper', () => {
    const nested = (depth: number): unknown =>
      depth === 0
        ? { kind: 'retire-account', id: 'a' }
        : { kind: 'several', operations: [nested(depth - 1)] };
    expect(readOperations([nested(3)]).ok).toBe(true);
    expect(readOperations([nested(5)]).ok).toBe(false);
    expect(readOperations([nested(2_000)]).ok).toBe(false);
  });
});
