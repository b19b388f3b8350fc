import { openingOf, type Account, type Book } from '../../model/book/book.js';
import { accountOf } from '../../model/book/book.js';
import type { Amount } from '../../model/money/amount.js';
import { numberKey } from '../../model/shapes/account-number.js';
import {
  sectionOfType,
  statementOfClass,
  typeOf,
  type StatementId,
} from '../../model/scheme/index.js';
import { plainName, type PlainName } from '../../model/naming/names.js';
import type { Opens } from './opening-entries.js';

/** What an account is recognised by. */
export interface Traits {
  readonly account: Account;
  readonly name: PlainName;
  readonly number: string | null;
  readonly type: string | null;
  readonly section: string | null;
  readonly statement: StatementId | null;
  readonly retainedEarnings: boolean;
  /** Whether a difference waits there until it is explained. */
  readonly suspense: boolean;
  readonly parentName: PlainName | null;
  readonly opening: Amount;
  readonly closing: Amount;
  /** The sum of all debits posted: tells accounts apart whose balances are alike. */
  readonly turnover: Amount;
}

/** The traits of every account of a book; `opens` tells the entries that only open it. */
export function traitsOf(book: Book, opens: Opens): Traits[] {
  const opening = new Map<string, Amount>();
  const movement = new Map<string, Amount>();
  const turnover = new Map<string, Amount>();
  const add = (map: Map<string, Amount>, id: string, amount: Amount) =>
    map.set(id, (map.get(id) ?? 0) + amount);
  for (const entry of book.entries) {
    const to = opens(entry) ? opening : movement;
    for (const line of entry.lines) {
      add(to, line.account, line.amount);
      if (to === movement && line.amount > 0) add(turnover, line.account, line.amount);
    }
  }
  return book.accounts.map((account) => {
    const stood = openingOf(book, account.id) + (opening.get(account.id) ?? 0);
    const section = sectionOfType(book.scheme, account.type);
    const role = typeOf(book.scheme, account.type)?.role;
    const parent = accountOf(book, account.parent);
    return {
      account,
      name: plainName(account.name),
      number: account.number === null ? null : numberKey(account.number),
      type: account.type,
      section: section?.id ?? null,
      statement: section ? statementOfClass(section.class) : null,
      retainedEarnings: role === 'retained-earnings',
      suspense: role === 'suspense',
      parentName: parent ? plainName(parent.name) : null,
      opening: stood,
      closing: stood + (movement.get(account.id) ?? 0),
      turnover: turnover.get(account.id) ?? 0,
    };
  });
}
