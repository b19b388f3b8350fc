import type { Book } from '../../model/book/book.js';
import { accountRows } from './account-rows.js';
import { planRows } from './band-rows.js';
import { sheetOf, type Handout, type HandoutKind, type HandoutWanted } from './sheet.js';
import { saidOn } from '../../model/place/writing.js';

const TITLES: Readonly<Record<HandoutKind, string>> = {
  chart: 'Chart of accounts',
  plan: 'Number plan',
  list: 'Accounts to set up',
};

/** A hand-out of a book. Retired accounts are left out. */
export function handoutOf(book: Book, wanted: HandoutWanted): Handout {
  const { kind, answers } = wanted;
  const made = kind === 'plan' ? planRows(book, answers) : accountRows(book, wanted);
  return sheetOf(book, { title: TITLES[kind], subtitle: subtitleOf(book, wanted), ...made });
}

function subtitleOf(book: Book, { kind, answers }: HandoutWanted): string {
  if (kind === 'list') return `Opening balances as at ${saidOn(book, book.opening.date)}`;
  if (kind === 'plan') return book.numberPlan?.name ?? 'This book works without numbers';
  return answers ? book.scheme.name : 'To be filled in';
}
