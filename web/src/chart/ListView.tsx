import { sectionOfAccount, typeOf, normalSide, type Account } from '@gleddo/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef } from 'react';
import { useDesk } from './chart-desk';
import { accountOfRow, accountRow } from './chart-order';
import { quietMark } from './ChartRow';
import { ListFilters } from './ListFilters';
import type { ChartList } from './use-list';

const ROW_HEIGHT = 26;
const ROWS_BEYOND = 12;

/** The chart as one list: sorted, cut down, and drawn only where one looks. */
export function ListView({ list }: { list: ChartList }) {
  const desk = useDesk();
  const { book } = desk;
  const hasTaxes = book.taxLists.lines.length + book.taxLists.codes.length > 0;
  const shape = [
    book.numberPlan ? '' : 'no-numbers',
    hasTaxes ? 'with-taxes' : '',
    desk.showsBudget ? 'with-budget' : '',
  ].join(' ');
  return (
    <div className={`chart-list ${shape}`}>
      <ListFilters list={list} />
      <div className="list-grid" role="grid" aria-label="Accounts as a list">
        <ListHead list={list} hasTaxes={hasTaxes} />
        <ListBody list={list} hasTaxes={hasTaxes} />
      </div>
    </div>
  );
}

interface HeadProps {
  readonly list: ChartList;
  readonly hasTaxes: boolean;
}

function ListHead({ list, hasTaxes }: HeadProps) {
  const { book, showsBudget, help } = useDesk();
  return (
    <div className="list-row list-head" role="row">
      {book.numberPlan && <SortBy list={list} order="number" name="Number" />}
      <SortBy list={list} order="name" name="Name" />
      <span role="columnheader">Type</span>
      <span role="columnheader">Section</span>
      <span role="columnheader">{help.asksSides ? '' : 'Side'}</span>
      {hasTaxes && <span role="columnheader">Taxes</span>}
      <span role="columnheader">What is known</span>
      {showsBudget && (
        <span role="columnheader" className="figure">
          Budget
        </span>
      )}
      <span role="columnheader" className="figure">
        Figure
      </span>
    </div>
  );
}

interface SortByProps {
  readonly list: ChartList;
  readonly order: 'number' | 'name';
  readonly name: string;
}

/** A click sorts by the column; another turns it round; a third goes back to the order of the chart. */
function SortBy({ list, order, name }: SortByProps) {
  const { wanted, want } = list;
  const isOrder = wanted.order === order;
  const next = () => {
    if (!isOrder) want({ order, descending: false });
    else if (!wanted.descending) want({ descending: true });
    else want({ order: 'chart', descending: false });
  };
  const sorted = !isOrder ? 'none' : wanted.descending ? 'descending' : 'ascending';
  return (
    <span role="columnheader" aria-sort={sorted}>
      <button type="button" className="link-button" onClick={next}>
        {name} {isOrder && (wanted.descending ? '↓' : '↑')}
      </button>
    </span>
  );
}

function ListBody({ list, hasTaxes }: HeadProps) {
  const desk = useDesk();
  const { accounts } = list;
  const around = useRef<HTMLDivElement>(null);
  // eslint-disable-next-line react-hooks/incompatible-library -- drawn anew with every change of the list anyway
  const virtual = useVirtualizer({
    count: accounts.length,
    getScrollElement: () => around.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: ROWS_BEYOND,
  });
  const selected = accountOfRow(desk.selected);
  const at = accounts.findIndex(({ id }) => id === selected);
  useEffect(() => {
    if (at >= 0) virtual.scrollToIndex(at, { align: 'auto' });
  }, [at, virtual]);
  useEffect(() => {
    if (selected === null || !desk.wantsFocus() || desk.slip !== 'closed') return;
    around.current
      ?.querySelector<HTMLElement>(`[data-row="${CSS.escape(accountRow(selected))}"]`)
      ?.focus({ preventScroll: true });
  });
  return (
    <div ref={around} className="list-body" role="rowgroup">
      {accounts.length === 0 && (
        <p className="state-line">No account answers to that. Take a filter out to see more.</p>
      )}
      <div style={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {virtual.getVirtualItems().map(({ index, start }) => {
          const account = accounts[index];
          return account ? (
            <ListRow
              key={account.id}
              account={account}
              top={start}
              hasTaxes={hasTaxes}
              isEntrance={at < 0 ? index === 0 : index === at}
            />
          ) : null;
        })}
      </div>
    </div>
  );
}

interface RowProps {
  readonly account: Account;
  readonly top: number;
  readonly hasTaxes: boolean;
  readonly isEntrance: boolean;
}

function ListRow({ account, top, hasTaxes, isEntrance }: RowProps) {
  const desk = useDesk();
  const { book, money, figures } = desk;
  const type = typeOf(book.scheme, account.type);
  const isTaken = desk.together.includes(account.id);
  const isSelected = isTaken || desk.selected === accountRow(account.id);
  const origin = desk.origins?.get(account.id) ?? 'given';
  const known = [origin === 'given' ? '' : origin, quietMark(book.scheme, account)];
  return (
    <div
      role="row"
      className={`list-row account ${isSelected ? 'is-selected' : ''}`}
      style={{ top }}
      data-row={accountRow(account.id)}
      tabIndex={isEntrance ? 0 : -1}
      aria-selected={isSelected}
      onClick={(event) =>
        event.ctrlKey || event.metaKey ? desk.takeAccount(account.id) : desk.openAccount(account.id)
      }
    >
      {book.numberPlan && (
        <span role="gridcell" className="no">
          {account.number ?? ''}
        </span>
      )}
      <span role="gridcell" className="name" title={account.name}>
        {account.name}
      </span>
      <span role="gridcell">{type?.name ?? 'not placed'}</span>
      <span role="gridcell" className="quiet">
        {sectionOfAccount(book, account)?.name ?? ''}
      </span>
      <span role="gridcell" className="quiet">
        {type && !desk.help.asksSides ? normalSide(book.scheme, type) : ''}
      </span>
      {hasTaxes && (
        <span role="gridcell" className="quiet">
          {[account.taxLine, account.taxCode].filter((each) => each !== null).join(' · ')}
        </span>
      )}
      <span role="gridcell" className="mark-says">
        {known.filter(Boolean).join(' · ')}
      </span>
      {desk.showsBudget && (
        <span role="gridcell" className="figure quiet">
          {account.budget === null ? '' : money(account.budget)}
        </span>
      )}
      <span role="gridcell" className="figure">
        {(type ? money : desk.trayMoney)(figures.amounts.get(account.id) ?? 0)}
      </span>
    </div>
  );
}
