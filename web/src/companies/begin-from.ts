import {
  account,
  addDays,
  bookFromTable,
  newBook,
  numberKey,
  shippedPlan,
  shippedScheme,
  type AccountTable,
  type Book,
  type Company,
  type SignConvention,
} from '@gleddo/core';

export interface Frame {
  readonly company: Company;
  readonly scheme: string;
  /** Empty: without numbers. */
  readonly numberPlan: string;
}

export const emptyBook = ({ company, scheme, numberPlan }: Frame): Book =>
  newBook({ company, scheme, numberPlan: numberPlan === '' ? null : numberPlan });

/** The accounts of another company, without its amounts; the frame's name and year, the other's scheme. */
export const likeBook = (other: Book, company: Company): Book => ({
  ...other,
  company,
  opening: { date: addDays(company.firstDay, -1), balances: {} },
  entries: [],
});

/** Numbers that a table has twice: the second account that has one goes without. */
export function doubledNumbers(table: AccountTable): string[] {
  const seen = new Set<string>();
  return table.rows.flatMap(({ number }) => {
    const key = number === null ? null : numberKey(number);
    const twice = key !== null && seen.has(key);
    if (key !== null) seen.add(key);
    return twice && number !== null ? [number] : [];
  });
}

function withoutDoubles(book: Book): Book {
  const seen = new Set<string>();
  const accounts = book.accounts.map((each) => {
    const key = each.number === null ? null : numberKey(each.number);
    const twice = key !== null && seen.has(key);
    if (key !== null) seen.add(key);
    return twice ? { ...each, number: null } : each;
  });
  return { ...book, accounts };
}

/** A book from a table of accounts. The one retained-earnings account is added when the table lacks it. */
export function bookOfTable(table: AccountTable, frame: Frame, sign: SignConvention): Book {
  const empty = emptyBook(frame);
  const whole = bookFromTable(table, {
    company: frame.company,
    scheme: shippedScheme(frame.scheme) ?? empty.scheme,
    numberPlan: shippedPlan(frame.numberPlan),
    at: empty.opening.date,
    sign,
  });
  const book = withoutDoubles(whole);
  if (book.accounts.some((each) => each.type === 'retained-earnings')) return book;
  const [kept] = empty.accounts;
  if (!kept) return book;
  const taken = new Set(book.accounts.map((each) => each.number));
  const number = taken.has(kept.number) ? null : kept.number;
  return {
    ...book,
    accounts: [...book.accounts, account('kept-profits', kept.name, { number, type: kept.type })],
  };
}
