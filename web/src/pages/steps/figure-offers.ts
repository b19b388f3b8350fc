import { linesOfStatement, openingOf, type Book } from '@gleddo/core';

/** A formula that is offered, by what it is in words. */
export interface FigureOffer {
  readonly value: string;
  readonly label: string;
}

const quoted = (id: string) => JSON.stringify(id);

const LINES = ['profit-and-loss', 'balance-sheet'] as const;

/** The formulas that a book offers: totals, balances, openings, and the quantities that are drawn. */
export function figureOffers(book: Book, quantities: readonly string[]): FigureOffer[] {
  const lines = LINES.flatMap((statement) => linesOfStatement(book.scheme, statement));
  const seen = new Set<string>();
  const totals = lines.flatMap(({ id, name }) => {
    if (seen.has(id)) return [];
    seen.add(id);
    return [{ value: `total(${quoted(id)})`, label: name }];
  });
  const accounts = book.accounts.filter(({ retired }) => !retired);
  return [
    { value: 'debits()', label: 'Total debits of the opening balances' },
    { value: 'trial()', label: 'Total of the trial balance' },
    ...quantities.map((name) => ({ value: name, label: `Quantity ${name}` })),
    ...totals,
    ...accounts.map(({ id, name }) => ({
      value: `balance(${quoted(id)})`,
      label: `Balance of ${name}`,
    })),
    ...accounts
      .filter(({ id }) => openingOf(book, id) !== 0)
      .map(({ id, name }) => ({ value: `opening(${quoted(id)})`, label: `Opening of ${name}` })),
  ];
}
