import { use } from 'react';
import { createPortal } from 'react-dom';
import { useDesk } from '../chart-state/chart-desk';
import { ChartSection } from './ChartPage';
import { TrayPlace } from './tray-place';
import styles from './chart.module.css';

/** The accounts that have no place yet, beside the pages. */
export function Tray() {
  const desk = useDesk();
  const place = use(TrayPlace);
  const { notPlaced } = desk.figures.sheet;
  if (!notPlaced) return null;
  const isNumbered = desk.book.accounts.some(({ type, number }) => type === null && number);
  const tray = (
    <section
      className={`${styles['tray']} ${isNumbered ? '' : 'no-numbers'}`}
      aria-label="Not placed"
    >
      <div role="grid" aria-label="Accounts without a place">
        <ChartSection section={notPlaced} numbered={isNumbered} />
      </div>
      {desk.mayChange && (
        <p className="mark-says">
          Waiting for a place: drag them, press Alt ↓, or open one and choose where it is placed.
        </p>
      )}
    </section>
  );
  return place ? createPortal(tray, place) : tray;
}
