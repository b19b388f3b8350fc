import { normalSide, sectionOfAccount, typeOf, type Account } from '@gleddo/core';
import type { ChartState } from '../chart-state/chart-state';
import { quietMark } from './ChartRow';

/** A column of the list: what it is called, how it looks, and what it says of an account. */
export interface ListColumn {
  readonly id: string;
  readonly name: string;
  readonly className: string;
  /** The order that a click on its heading sorts by. */
  readonly order?: 'number' | 'name';
  cell(account: Account): string;
}

/** The columns that a book has something to say in. */
export function listColumns(chartState: ChartState): ListColumn[] {
  const { book, help, showsBudget, numbered, withheld } = chartState;
  const hasTaxes =
    !withheld.has('taxes') && book.taxLists.lines.length + book.taxLists.codes.length > 0;
  return [
    ...(numbered ? [NUMBER] : []),
    NAME,
    ...placeColumns(chartState),
    ...(hasTaxes ? [TAXES] : []),
    knownColumn(chartState),
    ...(showsBudget && help.totals ? [budgetColumn(chartState)] : []),
    ...(help.totals ? [figureColumn(chartState)] : []),
  ];
}

const NUMBER: ListColumn = {
  id: 'number',
  name: 'Number',
  className: 'no',
  order: 'number',
  cell: ({ number }) => number ?? '',
};

const NAME: ListColumn = {
  id: 'name',
  name: 'Name',
  className: 'name',
  order: 'name',
  cell: ({ name }) => name,
};

const TAXES: ListColumn = {
  id: 'taxes',
  name: 'Taxes',
  className: 'quiet',
  cell: ({ taxLine, taxCode }) => [taxLine, taxCode].filter((each) => each !== null).join(' · '),
};

function placeColumns({ book, help, withheld }: ChartState): ListColumn[] {
  const type = (account: Account) => typeOf(book.scheme, account.type);
  const typeName = (account: Account) => type(account)?.name ?? 'not placed';
  const side = (account: Account) => {
    const own = type(account);
    return own ? normalSide(book.scheme, own) : '';
  };
  return [
    ...(withheld.has('types') ? [] : [{ id: 'type', name: 'Type', className: '', cell: typeName }]),
    {
      id: 'section',
      name: 'Section',
      className: 'quiet',
      cell: (each) => sectionOfAccount(book, each)?.name ?? '',
    },
    ...(help.asksSides ? [] : [{ id: 'side', name: 'Side', className: 'quiet', cell: side }]),
  ];
}

const knownColumn = ({ book, origins }: ChartState): ListColumn => ({
  id: 'known',
  name: 'Remarks',
  className: 'mark-says',
  cell: (account) => {
    const origin = origins?.get(account.id) ?? 'given';
    const known = [origin === 'given' ? '' : origin, quietMark(book.scheme, account)];
    return known.filter(Boolean).join(' · ');
  },
});

const budgetColumn = ({ money }: ChartState): ListColumn => ({
  id: 'budget',
  name: 'Budget',
  className: 'figure quiet',
  cell: ({ budget }) => (budget === null ? '' : money(budget)),
});

/** What has no place has no side to show, where the side is asked. */
const figureColumn = ({ figures, money, trayMoney }: ChartState): ListColumn => ({
  id: 'figure',
  name: 'Figure',
  className: 'figure',
  cell: (account) =>
    (account.type === null ? trayMoney : money)(figures.amounts.get(account.id) ?? 0),
});
