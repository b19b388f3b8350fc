import { accountOf } from '@gleddo/core';
import { Suspense } from 'react';
import { lazyView } from '../../platform/shell/lazy-view';
import { useChartState } from '../chart-state/chart-state';
import { accountOfRow, accountRow } from '../chart-state/chart-order';
import { useAside } from './use-aside';
import styles from './slip.module.css';

const ACCOUNT = lazyView(() => import('./AccountSlip').then((m) => m.AccountSlip));
const LINES = lazyView(() => import('./AccountLines').then((m) => m.AccountLines));

/** Fetches what the slip shows, for whoever comes near an account. */
export const slipAhead = ACCOUNT.ahead;

/** The slip over the page opposite the selected account: what it is, where it stands, what can be done. */
export function Slip() {
  const chartState = useChartState();
  const [isAside, onPointerMove] = useAside();
  const account = accountOf(chartState.book, accountOfRow(chartState.selected));
  if (!account || chartState.slip === 'closed') return null;
  const isLeft = chartState.list !== null || chartState.order.left.includes(accountRow(account.id));
  return (
    <aside
      className={`${styles['sheet']} ${isLeft ? 'on-right' : 'on-left'} ${isAside ? 'is-aside' : ''}`}
      onPointerMove={onPointerMove}
      style={{ top: '17%' }}
      aria-label={`Account ${account.name}`}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return;
        event.stopPropagation();
        chartState.select(chartState.selected, 'closed');
      }}
    >
      <Suspense fallback={<div aria-busy="true" />}>
        {chartState.slip === 'lines' ? (
          <LINES.View account={account} onBack={() => chartState.open('account')} />
        ) : (
          <ACCOUNT.View key={account.id} account={account} />
        )}
      </Suspense>
    </aside>
  );
}
