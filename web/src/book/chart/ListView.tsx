import type { Account } from '@gleddo/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { typeScale } from '../../platform/shell/type-scale';
import { useEffect, useRef, type RefObject } from 'react';
import { useChartState } from '../chart-state/chart-state';
import { accountOfRow, accountRow } from '../chart-state/chart-order';
import { listColumns, type ListColumn } from './list-columns';
import { ListFilters } from './ListFilters';
import type { ChartList } from '../chart-state/use-list';
import styles from './list.module.css';

const ROW_HEIGHT = 26;
const ROWS_BEYOND = 12;

interface ListProps {
  readonly list: ChartList;
  readonly columns: readonly ListColumn[];
}

/** The chart as one list: sorted, cut down, and drawn only where one looks. */
export function ListView({ list }: { list: ChartList }) {
  const columns = listColumns(useChartState());
  return (
    <div className={styles['list']}>
      <ListFilters list={list} />
      <div className={styles['grid']} role="grid" aria-label="Accounts as a list">
        <div className={`${styles['row']} ${styles['head']}`} role="row">
          {columns.map((column) => (
            <ListHeading key={column.id} list={list} column={column} />
          ))}
        </div>
        <ListBody list={list} columns={columns} />
      </div>
    </div>
  );
}

/** A click sorts by the column; another turns it round; a third goes back to the order of the chart. */
function ListHeading({ list, column }: { list: ChartList; column: ListColumn }) {
  const { wanted, want } = list;
  const { id, name, order, className } = column;
  const shown = `is-${id} ${className.includes('figure') ? 'figure' : ''}`;
  if (!order)
    return (
      <span role="columnheader" className={shown}>
        {name}
      </span>
    );
  const isOrder = wanted.order === order;
  const next = () => {
    if (!isOrder) want({ order, descending: false });
    else if (!wanted.descending) want({ descending: true });
    else want({ order: 'chart', descending: false });
  };
  const sorted = !isOrder ? 'none' : wanted.descending ? 'descending' : 'ascending';
  return (
    <span role="columnheader" className={shown} aria-sort={sorted}>
      <button type="button" className="link-button" onClick={next}>
        {name} {isOrder && (wanted.descending ? '↓' : '↑')}
      </button>
    </span>
  );
}

function ListBody({ list, columns }: ListProps) {
  const { accounts } = list;
  const around = useRef<HTMLDivElement>(null);
  // eslint-disable-next-line react-hooks/incompatible-library -- drawn anew with every change of the list anyway
  const virtual = useVirtualizer({
    count: accounts.length,
    getScrollElement: () => around.current,
    estimateSize: () => ROW_HEIGHT * typeScale(),
    overscan: ROWS_BEYOND,
  });
  const selected = accountOfRow(useChartState().selected);
  const at = accounts.findIndex(({ id }) => id === selected);
  useEffect(() => {
    if (at >= 0) virtual.scrollToIndex(at, { align: 'auto' });
  }, [at, virtual]);
  useFocusInList(around, selected);
  return (
    <div ref={around} className={styles['body']} role="rowgroup">
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
              columns={columns}
              isEntrance={at < 0 ? index === 0 : index === at}
            />
          ) : null;
        })}
      </div>
    </div>
  );
}

function useFocusInList(around: RefObject<HTMLElement | null>, selected: string | null): void {
  const chartState = useChartState();
  useEffect(() => {
    if (selected === null || !chartState.wantsFocus() || chartState.slip !== 'closed') return;
    around.current
      ?.querySelector<HTMLElement>(`[data-row="${CSS.escape(accountRow(selected))}"]`)
      ?.focus({ preventScroll: true });
  });
}

interface RowProps {
  readonly account: Account;
  readonly top: number;
  readonly columns: readonly ListColumn[];
  readonly isEntrance: boolean;
}

function ListRow({ account, top, columns, isEntrance }: RowProps) {
  const chartState = useChartState();
  const isTaken = chartState.together.includes(account.id);
  const isSelected = isTaken || chartState.selected === accountRow(account.id);
  return (
    <div
      role="row"
      className={`${styles['row']} account ${isSelected ? 'is-selected' : ''}`}
      style={{ top }}
      data-row={accountRow(account.id)}
      tabIndex={isEntrance ? 0 : -1}
      aria-selected={isSelected}
      onClick={(event) =>
        event.ctrlKey || event.metaKey
          ? chartState.takeAccount(account.id)
          : chartState.openAccount(account.id)
      }
    >
      {columns.map(({ id, className, cell }) => (
        <span key={id} role="gridcell" className={`is-${id} ${className}`} title={cell(account)}>
          {cell(account)}
        </span>
      ))}
    </div>
  );
}
