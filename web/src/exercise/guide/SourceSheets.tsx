import type { SheetShown } from '@gleddo/core';
import { Select } from 'antd';
import { useState } from 'react';
import { useOpenBook } from '../../book/open-book/open-book';
import styles from './guide.module.css';
import { Paper, type Ticking } from '../../book/papers/Paper';
import { tickOfRow } from './step-state';
import type { Guiding } from './use-guiding';

/** Where the papers lie. */
export const SHEET_SIDES = ['right', 'left', 'below'] as const;
export type SheetSide = (typeof SHEET_SIDES)[number];

interface SourceSheetsProps {
  readonly guiding: Guiding;
  /** The papers of the step that one is at. */
  readonly wanted: readonly string[];
  readonly side: SheetSide;
  /** Absent: it stands in a window of its own. */
  readonly onSide?: (side: SheetSide) => void;
}

const SIDES = [
  { value: 'right', label: 'right' },
  { value: 'left', label: 'left' },
  { value: 'below', label: 'below' },
  { value: 'window', label: 'own window' },
];

/** The papers beside the work; a row is ticked as soon as it stands in the books, or by hand. */
export function SourceSheets({ guiding, wanted, side, onSide }: SourceSheetsProps) {
  const { sheets, company } = guiding.answer.guide;
  const pictures = `/api/books/${useOpenBook().answer.id}/pictures`;
  const [chosen, choose] = useState<string | null>(null);
  const first = sheets.find(({ id }) => wanted.includes(id)) ?? sheets[0];
  const shown = sheets.find(({ id }) => id === chosen) ?? first;
  if (!shown) return null;
  return (
    <aside className={styles['sheets']} aria-label="Papers">
      <div className={styles['sheet-head']}>
        {sheets.map((sheet) => (
          <button
            key={sheet.id}
            type="button"
            className="link-button"
            aria-pressed={sheet === shown}
            onClick={() => choose(sheet.id)}
          >
            {sheet.title}
          </button>
        ))}
        {onSide && <WhereTheyLie side={side} onSide={onSide} />}
      </div>
      <Paper
        sheet={shown}
        company={company}
        pictures={pictures}
        ticking={tickingOf(guiding, shown)}
      />
    </aside>
  );
}

/** A row is ticked by hand as long as the work is open. */
const tickingOf = ({ answer, tick }: Guiding, { id }: SheetShown): Ticking => ({
  isTicked: (row) => answer.place.ticks.includes(tickOfRow(id, row)),
  onTick: answer.mayAnswer ? (row) => tick(tickOfRow(id, row)) : null,
});

const WINDOW = 'popup,width=420,height=720';

function WhereTheyLie({ side, onSide }: { side: SheetSide; onSide(side: SheetSide): void }) {
  const move = (to: string) => {
    const at = SHEET_SIDES.find((each) => each === to);
    if (at) onSide(at);
    else window.open(`${window.location.pathname}?sheets`, 'gleddo-sheets', WINDOW);
  };
  return (
    <Select
      size="small"
      variant="borderless"
      aria-label="Where the papers lie"
      value={side as string}
      options={SIDES}
      popupMatchSelectWidth={false}
      onChange={move}
    />
  );
}
