import { use } from 'react';
import { createPortal } from 'react-dom';
import { useChartState } from '../chart-state/chart-state';
import { ChartSection } from './ChartPage';
import { TrayPlace } from './tray-place';
import styles from './chart.module.css';

/** The accounts that have no place yet, beside the pages. */
export function Tray() {
  const chartState = useChartState();
  const place = use(TrayPlace);
  const { notPlaced } = chartState.figures.sheet;
  if (!notPlaced) return null;
  const isNumbered = chartState.book.accounts.some(({ type, number }) => type === null && number);
  const tray = (
    <section
      className={`${styles['tray']} ${isNumbered ? '' : 'no-numbers'}`}
      aria-label="Not placed"
    >
      <div role="grid" aria-label="Accounts without a place">
        <ChartSection section={notPlaced} numbered={isNumbered} />
      </div>
      {chartState.mayChange && (
        <p className="mark-says">
          Waiting for a place: drag them, press Alt ↓, or open one and choose where it is placed.
        </p>
      )}
    </section>
  );
  return place ? createPortal(tray, place) : tray;
}
