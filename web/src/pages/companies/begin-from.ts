import {
  addDays,
  beforeDoings,
  inWords,
  newBook,
  type Book,
  type Company,
  type NewBook,
} from '@gleddo/core';

export interface Frame {
  readonly company: Company;
  readonly scheme: string;
  /** Empty: without numbers. */
  readonly numberPlan: string;
}

export const wantedBook = ({ company, scheme, numberPlan }: Frame): NewBook => ({
  company,
  scheme,
  numberPlan: numberPlan === '' ? null : numberPlan,
});

export const emptyBook = (frame: Frame): Book => newBook(wantedBook(frame));

/** The accounts of another company, its parties and items, without its amounts; the frame's name and year, the other's scheme. */
export const likeBook = (other: Book, company: Company): Book =>
  beforeDoings({
    ...other,
    company,
    scheme: inWords(other.scheme, company.words ?? 'international'),
    opening: { date: addDays(company.firstDay, -1), balances: {} },
    entries: [],
  });
