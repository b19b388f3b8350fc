import type { Book } from '../../model/book/book.js';
import { controlAgrees } from './control-agrees.js';
import { entriesInYear } from './entries-in-year.js';
import { lookAt, type HealthCheck } from './health-check.js';
import { inBalance } from './in-balance.js';
import { nothingWaits } from './nothing-waits.js';
import { numbersFit } from './numbers-fit.js';
import { oneProfitAccount } from './one-profit-account.js';
import { overDepreciated } from './over-depreciated.js';
import { prepaidBelowZero } from './prepaid-below-zero.js';
import { retiredAtZero } from './retired-at-zero.js';
import { similarNames } from './similar-names.js';
import { suspenseEmpty } from './suspense-empty.js';
import { unusualSide } from './unusual-side.js';
import { withoutCompanion } from './without-companion.js';

/** Every check of a book’s health, in the order in which they are told. */
const HEALTH_CHECKS: readonly HealthCheck[] = [
  inBalance,
  suspenseEmpty,
  oneProfitAccount,
  controlAgrees,
  unusualSide,
  prepaidBelowZero,
  overDepreciated,
  withoutCompanion,
  retiredAtZero,
  numbersFit,
  similarNames,
  entriesInYear,
  nothingWaits,
];

/** Something that was found in a book, in a sentence. */
export interface HealthNote {
  readonly check: string;
  readonly title: string;
  /** The account where to look; null: the book as a whole. */
  readonly account: string | null;
  readonly says: string;
}

/** What can be said of a book without any key, with or without its bands; nothing where nothing is odd. */
export function healthOf(book: Book, withBands = true): HealthNote[] {
  const look = lookAt(book);
  const described = HEALTH_CHECKS.filter(({ tellsBands = false }) => withBands || !tellsBands);
  return described.flatMap(({ id, title, find, says }) =>
    find(look).map(({ account, facts }) => ({ check: id, title, account, says: says(facts) })),
  );
}
