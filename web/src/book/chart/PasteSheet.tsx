import {
  accountLabel,
  accountsIntoBook,
  cellsOf,
  sectionOfType,
  typeOf,
  type Taken,
} from '@gleddo/core';
import { Button, Input, Modal } from 'antd';
import { useMemo, useState } from 'react';
import { counted } from '../../platform/figures/counted';
import { useBookStore, useOpenBook } from '../open-book/open-book';
import { ColumnChoice } from '../files/TablePreview';
import { useTableReading } from '../files/use-table-file';
import { TableHead } from '../../platform/figures/TableHead';
import { Refusal } from '../../platform/shell/Refusal';

interface PasteSheetProps {
  readonly open: boolean;
  readonly text: string;
  onText(text: string): void;
  onClose(): void;
  onDone(): void;
}

/** The rows pasted, understood one by one before anything changes. */
export function PasteSheet({ open, text, onText, onClose, onDone }: PasteSheetProps) {
  return (
    <Modal
      title="Paste rows"
      open={open}
      onCancel={onClose}
      footer={null}
      width={860}
      style={{ top: 32 }}
    >
      <p>
        Copy accounts in your spreadsheet and paste them here: a name on each row, and what else you
        have of number, type or section, debit and credit.
      </p>
      <Input.TextArea
        aria-label="Rows from a spreadsheet"
        autoSize={{ minRows: 3, maxRows: 6 }}
        value={text}
        onChange={(event) => onText(event.target.value)}
      />
      {text.trim() !== '' && <Understood text={text} onDone={onDone} />}
    </Modal>
  );
}

function Understood({ text, onDone }: { text: string; onDone(): void }) {
  const cells = useMemo(() => cellsOf(text), [text]);
  if (!cells.ok) return <Refusal says={cells.refusals[0]?.says} />;
  return <Rows key={cells.value.length} cells={cells.value} onDone={onDone} />;
}

function Rows({ cells, onDone }: { cells: string[][]; onDone(): void }) {
  const store = useBookStore();
  const { book } = useOpenBook();
  const reading = useTableReading(cells, book.scheme, book.company);
  const { table, sign, refusals } = reading;
  const taken = useMemo(
    () => (table ? accountsIntoBook(book, table, sign) : null),
    [book, table, sign],
  );
  const [refused, setRefused] = useState<string | null>(null);
  const count = taken?.rows.filter((row) => row.refusal === null).length ?? 0;
  const add = () => {
    if (!taken) return;
    const [refusal] = store.change(taken.operation).refusals;
    setRefused(refusal?.says ?? null);
    if (!refusal) onDone();
  };
  return (
    <>
      <ColumnChoice cells={cells} reading={reading} />
      <Refusal says={[...refusals, ...(table?.faults ?? []).map((fault) => fault.says)]} />
      {taken && <TakenRows taken={taken} />}
      <div className="slip-actions">
        <Refusal says={refused} />
        <Button type="primary" className="last" disabled={count === 0} onClick={add}>
          Add {counted(count, 'account')}
        </Button>
      </div>
    </>
  );
}

function TakenRows({ taken }: { taken: Taken }) {
  const { book } = useOpenBook();
  return (
    <div className="understood" role="region" aria-label="Row by row" tabIndex={0}>
      <table className="lines-table">
        <TableHead names={['Row', 'Account', 'Placed in']} />
        <tbody>
          {taken.rows.map(({ row, account, refusal, lacks }) => {
            const type = typeOf(book.scheme, account.type);
            const section = sectionOfType(book.scheme, account.type);
            return (
              <tr key={row}>
                <td className="quiet">{row}</td>
                <td>
                  {accountLabel(account)}
                  {refusal !== null && <div className="refusal">{refusal}</div>}
                  {refusal === null &&
                    lacks.map((says) => (
                      <div key={says} className="is-notice">
                        {says}
                      </div>
                    ))}
                </td>
                <td>
                  {type ? (
                    `${section?.name} › ${type.name}`
                  ) : (
                    <span className="is-notice">not placed yet</span>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
