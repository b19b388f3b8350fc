import type { Account, Book } from '../../model/book/book.js';
import { inBand, type Band, type NumberPlan } from '../../model/numbering/index.js';
import { compareNumbers } from '../../model/shapes/account-number.js';
import { sectionById, typeOf } from '../../model/scheme/scheme.js';
import type { HandoutColumn, HandoutRow } from './sheet.js';

const COLUMNS: readonly HandoutColumn[] = [
  { name: 'Band for', share: 5, isFigure: false, isIndented: true },
  { name: 'From', share: 1.4, isFigure: false },
  { name: 'To', share: 1.4, isFigure: false },
];

/** The bands of a book's number plan; with answers, under each the accounts whose numbers lie in it. */
export function planRows(book: Book, answers: boolean) {
  const plan = book.numberPlan;
  return { columns: COLUMNS, rows: plan ? rowsOf(book, plan, answers) : [] };
}

const byFrom = (a: Band, b: Band): number => compareNumbers(a.from, b.from);

function rowsOf(book: Book, plan: NumberPlan, answers: boolean): HandoutRow[] {
  const sections = plan.bands.filter((band) => band.type === undefined).sort(byFrom);
  const ofTypes = plan.bands.filter((band) => band.type !== undefined).sort(byFrom);
  const isInside = (band: Band, around: Band) =>
    typeOf(book.scheme, band.type ?? null)?.section === around.section;
  const alone = ofTypes.filter((band) => !sections.some((around) => isInside(band, around)));
  return [...sections, ...alone]
    .sort(byFrom)
    .flatMap((band) => [
      bandRow(book, band, 0),
      ...ofTypes
        .filter((inner) => inner !== band && isInside(inner, band))
        .map((inner) => bandRow(book, inner, 1)),
      ...(answers ? accountsIn(book, band).map(accountRow) : []),
    ]);
}

function bandRow(book: Book, band: Band, depth: number): HandoutRow {
  const name =
    typeOf(book.scheme, band.type ?? null)?.name ??
    sectionById(book.scheme, band.section ?? '')?.name ??
    '';
  return { kind: depth === 0 ? 'heading' : 'row', depth, cells: [name, band.from, band.to] };
}

const accountsIn = (book: Book, band: Band): (Account & { readonly number: string })[] =>
  book.accounts
    .flatMap((account) => (account.number === null ? [] : [{ ...account, number: account.number }]))
    .filter(({ number, retired }) => !retired && inBand(band, number))
    .sort((a, b) => compareNumbers(a.number, b.number));

const accountRow = ({ number, name }: { number: string; name: string }): HandoutRow => ({
  kind: 'row',
  depth: 1,
  cells: [name, number, ''],
});
