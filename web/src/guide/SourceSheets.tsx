import type { SheetShown } from '@gleddo/core';
import { Select } from 'antd';
import { useState } from 'react';
import styles from './guide.module.css';
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
      <Paper sheet={shown} company={company} guiding={guiding} />
    </aside>
  );
}

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

function Paper({ sheet, company, guiding }: PaperProps) {
  const ticks = guiding.answer.place.ticks;
  return (
    <div className={styles['paper']}>
      <h3>{company}</h3>
      <p className="quiet">{sheet.note || sheet.title}</p>
      <table>
        <PaperHead sheet={sheet} />
        <tbody>
          {sheet.rows.map((row, i) => (
            <SheetRow
              key={i}
              {...{ row, sheet }}
              at={i}
              isTicked={ticks.includes(tickOfRow(sheet.id, i))}
              onTick={() => guiding.tick(tickOfRow(sheet.id, i))}
              disabled={!guiding.answer.mayAnswer}
            />
          ))}
        </tbody>
      </table>
      {sheet.rows.some(({ stands }) => stands !== null) && (
        <p className="quiet">
          A row ticks itself when it stands in the books. Space ticks it by hand.
        </p>
      )}
    </div>
  );
}

interface PaperProps {
  readonly sheet: SheetShown;
  readonly company: string;
  readonly guiding: Guiding;
}

const PaperHead = ({ sheet }: { sheet: SheetShown }) => (
  <thead className="sr-only">
    <tr>
      <th>In the books</th>
      {sheet.columns.map(({ title }) => (
        <th key={title}>{title}</th>
      ))}
    </tr>
  </thead>
);

interface SheetRowProps {
  readonly row: SheetShown['rows'][number];
  readonly sheet: SheetShown;
  readonly at: number;
  readonly isTicked: boolean;
  readonly disabled: boolean;
  onTick(): void;
}

function SheetRow({ row, sheet, at, isTicked, disabled, onTick }: SheetRowProps) {
  const stands = row.stands === true;
  return (
    <tr className={stands || isTicked ? styles['copied'] : ''}>
      <td>
        <input
          type="checkbox"
          aria-label={`${row.cells.slice(0, 2).join(' ')}, row ${at + 1}`}
          checked={stands || isTicked}
          disabled={disabled}
          title={stands ? 'It stands in the books.' : ''}
          onChange={() => {
            if (!stands) onTick();
          }}
        />
      </td>
      {sheet.columns.map(({ title, isAmount }, i) => (
        <td key={title} className={isAmount ? styles['amount'] : ''}>
          {row.cells[i] ?? ''}
        </td>
      ))}
    </tr>
  );
}
