import { taxReturn, type TaxReturn } from '../../accounting/tax/index.js';
import type { Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import type { Period } from '../../model/day/index.js';
import type { Amount } from '../../model/money/amount.js';
import { quantitySaid } from '../../model/money/format-amount.js';
import type { Document } from '../../model/shapes/document.js';
import { saidOn, writingOf } from '../../model/place/writing.js';
import { namesOfDocuments } from './owed-sheet.js';
import { sheetOf, type Handout, type HandoutColumn, type HandoutRow } from './sheet.js';

type Row = TaxReturn['rows'][number];

const COLUMNS: readonly HandoutColumn[] = [
  { name: 'Tax', share: 4, isFigure: false, isIndented: true },
  { name: 'Day', share: 1.4, isFigure: false, isWhole: true },
  ...['Sold, net', 'Tax on it', 'Bought, net', 'Tax in it'].map((name) => ({
    name,
    share: 1.5,
    isFigure: true,
  })),
];

const figures = (amounts: readonly (Amount | null)[]) =>
  amounts.map((amount) => (amount === null ? '' : { amount }));

/** With which code, at what rate: *S20 Standard rate, 20 %*. */
const named = (book: Book, { rule, name }: Row): string =>
  `${rule.code} ${name}, ${quantitySaid(rule.rate, writingOf(book.company))} %`;

/** How documents are named, each with whose it is. */
function namesIn(book: Book): (document: Document) => string {
  const nameOf = namesOfDocuments(book);
  const parties = new Map(subledgersOf(book).parties.map(({ id, name }) => [id, name]));
  return ({ id, party }) => [nameOf(id), parties.get(party ?? '')].filter(Boolean).join(', ');
}

function rowsOf(book: Book, row: Row, nameOf: (document: Document) => string): HandoutRow[] {
  const { sales, purchases } = row;
  return [
    {
      kind: 'row',
      depth: 0,
      cells: [
        ...[named(book, row), ''],
        ...figures([sales.net, sales.tax, purchases.net, purchases.tax]),
      ],
    },
    ...row.documents.map(({ document, side, net, tax }): HandoutRow => {
      const both = side === 'sales' ? [net, tax, null, null] : [null, null, net, tax];
      return {
        kind: 'row',
        depth: 1,
        cells: [nameOf(document), { day: document.date }, ...figures(both)],
        entry: `of-${document.id}`,
      };
    }),
  ];
}

/** The tax of a period, code by code and document by document, and what is to be paid or had back. */
export function taxSheet(book: Book, period: Period): Handout {
  const { rows, sales, purchases, owed } = taxReturn(book, period);
  const nameOf = namesIn(book);
  const sums: HandoutRow[] = [
    { kind: 'total', depth: 0, cells: ['Total', '', ...figures([null, sales, null, purchases])] },
    {
      kind: 'total',
      depth: 0,
      cells: [
        owed < 0 ? 'To be had back' : 'To be paid',
        '',
        ...figures([null, Math.abs(owed), null, null]),
      ],
    },
  ];
  return sheetOf(book, {
    title: 'Tax return',
    subtitle: `${saidOn(book, period.from)} to ${saidOn(book, period.to)}; below zero: more taken back than charged`,
    columns: COLUMNS,
    rows: [...rows.flatMap((row) => rowsOf(book, row, nameOf)), ...sums],
  });
}
