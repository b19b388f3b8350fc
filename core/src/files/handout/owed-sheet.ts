import type { Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { KIND_FACTS } from '../../accounting/document/document-kinds.js';
import { ageOf, whoOwes, type OpenItem } from '../../accounting/party/who-owes.js';
import type { PartyKind } from '../../model/shapes/party.js';
import {
  sheetOf,
  type Handout,
  type HandoutCell,
  type HandoutColumn,
  type HandoutRow,
} from './sheet.js';
import { saidOn } from '../../model/place/writing.js';

/** Of what is due: not yet, then by how many days too late. */
const AGE_NAMES = ['Not due', 'to 30 days', 'to 60', 'to 90', 'beyond'] as const;
/** What was paid ahead or credited has no age, and a column of its own. */
const AHEAD: Readonly<Record<PartyKind, string>> = {
  customer: 'In credit',
  supplier: 'In debit',
};

const columnNames = (kind: PartyKind): string[] => [AHEAD[kind], ...AGE_NAMES];

const TITLES: Readonly<Record<PartyKind, string>> = {
  customer: 'Who owes',
  supplier: 'Who is owed',
};

/** What is open by age: as many sums as there are columns of ages. */
function byAge(open: readonly OpenItem[], at: string): number[] {
  const sums = [0, ...AGE_NAMES.map(() => 0)];
  for (const each of open) {
    const column = each.open < 0 ? 0 : 1 + ageOf(each.due, at);
    sums[column] = (sums[column] ?? 0) + each.open;
  }
  return sums;
}

/** How documents are named where others speak of them: kind and reference; the opening balance is none. */
export function namesOfDocuments(book: Book): (id: string) => string {
  const documents = new Map(subledgersOf(book).documents.map((each) => [each.id, each]));
  return (id) => {
    const found = documents.get(id);
    if (!found) return 'Opening balance';
    return [KIND_FACTS[found.kind].name, found.reference].filter(Boolean).join(' ');
  };
}

/** How what is open is named: its document, its entry, or the opening balance. */
function namesOfOpen(book: Book): (open: OpenItem) => string {
  const documents = namesOfDocuments(book);
  const entries = new Map(book.entries.map((each) => [each.id, each]));
  return ({ document, entry }) => {
    if (document !== null) return documents(document);
    const { text = '', reference = '' } = entries.get(entry ?? '') ?? {};
    return text || ['Entry', reference].filter(Boolean).join(' ');
  };
}

/** Customers who owe, or suppliers who are owed, at the end of a day: each with the documents that are open, by age. */
export function owedSheet(book: Book, kind: PartyKind, at: string): Handout {
  const { parties, total, control } = whoOwes(book, kind, at);
  const owing = parties.filter(({ open }) => open.length > 0);
  const nameOf = namesOfOpen(book);
  const cells = (open: readonly OpenItem[], all: number): HandoutCell[] => [
    ...byAge(open, at).map((amount) => ({ amount })),
    { amount: all },
  ];
  const rows = owing.flatMap(({ party, owed, open }): HandoutRow[] => [
    { kind: 'row', depth: 0, cells: [party.name, '', ...cells(open, owed)] },
    ...open.map((each): HandoutRow => ({
      kind: 'row',
      depth: 1,
      cells: [nameOf(each), { day: each.due }, ...cells([each], each.open)],
    })),
  ]);
  const everything = owing.flatMap(({ open }) => open);
  const sums: HandoutRow[] = [
    { kind: 'total', depth: 0, cells: ['Total', '', ...cells(everything, total)] },
  ];
  if (control !== null)
    sums.push({
      kind: 'row',
      depth: 0,
      cells: ['Control account', '', '', ...AGE_NAMES.map(() => ''), { amount: control }],
    });
  return sheetOf(book, {
    title: TITLES[kind],
    subtitle: `at ${saidOn(book, at)}; below zero: paid ahead or credited`,
    columns: columnsFor(kind),
    rows: [...rows, ...sums],
  });
}

const columnsFor = (kind: PartyKind): HandoutColumn[] => [
  {
    name: kind === 'customer' ? 'Customer' : 'Supplier',
    share: 4,
    isFigure: false,
    isIndented: true,
  },
  { name: 'Due', share: 1.4, isFigure: false, isWhole: true },
  ...[...columnNames(kind), 'Total'].map((name) => ({ name, share: 1.3, isFigure: true })),
];
