import {
  accountLabel,
  accountsIntoBook,
  cellsOf,
  sectionOfType,
  typeOf,
  type Taken,
} from '@gleddo/core';
import { Button, Input, Modal } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { useBookStore, useOpenBook } from '../book/open-book';
import { ColumnChoice } from '../files/TablePreview';
import { useTableReading } from '../files/use-table-file';
import { useKept } from '../kept/use-kept';
import { TableHead } from '../figures/TableHead';

const isSeveralRows = (text: string): boolean => /\n\s*\S/.test(text.trim());

/** Rows copied from a spreadsheet, understood row by row before anything changes. Pasting opens it. */
export function PasteRows() {
  const { answer } = useOpenBook();
  const [open, setOpen] = useState(false);
  const [text, setText, clear] = useKept(`paste.${answer.id}`, '');
  useEffect(() => {
    const onPaste = (event: ClipboardEvent) => {
      const pasted = event.clipboardData?.getData('text/plain') ?? '';
      const target = event.target as HTMLElement;
      if (!isSeveralRows(pasted) || target.closest('.ant-modal, textarea')) return;
      event.preventDefault();
      setText(pasted);
      setOpen(true);
    };
    window.addEventListener('paste', onPaste);
    return () => window.removeEventListener('paste', onPaste);
  }, [setText]);
  const close = () => setOpen(false);
  return (
    <>
      <button type="button" className="link-button paste-rows" onClick={() => setOpen(true)}>
        Paste rows from a spreadsheet
      </button>
      <Modal
        title="Paste rows"
        open={open}
        onCancel={close}
        footer={null}
        width={860}
        style={{ top: 32 }}
      >
        <p>
          Copy accounts in your spreadsheet and paste them here: a name on each row, and what else
          you have of number, type or section, debit and credit.
        </p>
        <Input.TextArea
          aria-label="Rows from a spreadsheet"
          autoSize={{ minRows: 3, maxRows: 6 }}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        {text.trim() !== '' && (
          <Understood
            text={text}
            onDone={() => {
              clear();
              close();
            }}
          />
        )}
      </Modal>
    </>
  );
}

function Understood({ text, onDone }: { text: string; onDone(): void }) {
  const cells = useMemo(() => cellsOf(text), [text]);
  if (!cells.ok)
    return (
      <p className="refusal" role="alert">
        {cells.refusals[0]?.says}
      </p>
    );
  return <Rows key={cells.value.length} cells={cells.value} onDone={onDone} />;
}

function Rows({ cells, onDone }: { cells: string[][]; onDone(): void }) {
  const store = useBookStore();
  const { book } = useOpenBook();
  const reading = useTableReading(cells, book.scheme, book.company.currency);
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
      {[...refusals, ...(table?.faults ?? []).map((fault) => fault.says)].map((says) => (
        <p key={says} className="refusal" role="alert">
          {says}
        </p>
      ))}
      {taken && <TakenRows taken={taken} />}
      <div className="slip-actions">
        {refused !== null && (
          <p className="refusal" role="alert">
            {refused}
          </p>
        )}
        <Button type="primary" className="last" disabled={count === 0} onClick={add}>
          Add {count} accounts
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
