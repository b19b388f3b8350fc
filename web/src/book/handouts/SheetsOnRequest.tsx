import type { Handout } from '@gleddo/core';
import { Button, Popover } from 'antd';
import { useState, type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import { usePrinting } from '../../platform/figures/use-printing';
import { HandoutPaper } from './HandoutPaper';
import { SaveSheets } from './SaveSheets';
import styles from './handout.module.css';

interface SheetsOnRequestProps {
  /** Made only when somebody asks for them. */
  make(): readonly Handout[];
  readonly name: string;
  /** What its button says. */
  readonly label?: string;
  /** The table that is saved as CSV, where it is not the sheets’ own. */
  readonly csv?: () => string;
  /** What can be had besides. */
  readonly children?: ReactNode;
}

/** What a page shows as sheets of paper: printed or saved; on the screen the page stays as it is. */
export function SheetsOnRequest({ label = 'Print or save', ...props }: SheetsOnRequestProps) {
  return (
    <Popover
      trigger="click"
      placement="bottomRight"
      destroyOnHidden
      content={<Sheets {...props} />}
    >
      <Button>{label}</Button>
    </Popover>
  );
}

function Sheets({ make, name, csv, children }: SheetsOnRequestProps) {
  // As the page stood when they were asked for.
  const [sheets] = useState(make);
  // Paper is drawn while it is printed, and not before: a long journal has many thousand rows.
  const isPrinting = usePrinting();
  return (
    <>
      <SaveSheets {...{ sheets, name }} {...(csv ? { csv } : {})} />
      {children}
      {isPrinting &&
        createPortal(
          <div className={styles['on-paper-only']}>
            {sheets.map((sheet) => (
              <HandoutPaper key={sheet.title} handout={sheet} />
            ))}
          </div>,
          document.body,
        )}
    </>
  );
}
