import type { Handout } from '@gleddo/core';
import { Button, Popover } from 'antd';
import { useState } from 'react';
import { createPortal } from 'react-dom';
import { HandoutPaper } from './HandoutPaper';
import { SaveSheets } from './SaveSheets';

interface SheetsOnRequestProps {
  /** Made only when somebody asks for them. */
  make(): readonly Handout[];
  readonly name: string;
}

/** What a page shows as sheets of paper: printed or saved; on the screen the page stays as it is. */
export function SheetsOnRequest({ make, name }: SheetsOnRequestProps) {
  const [open, setOpen] = useState(false);
  const sheets = open ? make() : [];
  return (
    <>
      <Popover
        trigger="click"
        placement="bottomRight"
        open={open}
        onOpenChange={setOpen}
        content={<SaveSheets sheets={sheets} name={name} />}
      >
        <Button>Print or save</Button>
      </Popover>
      {open &&
        createPortal(
          <div className="on-paper-only">
            {sheets.map((sheet) => (
              <HandoutPaper key={sheet.title} handout={sheet} />
            ))}
          </div>,
          document.body,
        )}
    </>
  );
}
