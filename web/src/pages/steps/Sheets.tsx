import {
  accountLabel,
  cellsOf,
  typeOf,
  type AnswerKey,
  type SheetKind,
  type SourceSheet,
} from '@gleddo/core';
import { Button, Input, Select } from 'antd';
import { ChoosePicture } from './ChoosePicture';
import { freshId, sheetsOf, withoutSheet, withSheet, withStep } from './guide-draft';
import type { StepEditorProps } from './step-editor-props';
import styles from './steps.module.css';

const KINDS: readonly { readonly value: SheetKind; readonly label: string }[] = [
  { value: 'accounts', label: 'A list of accounts' },
  { value: 'balances', label: 'An old balance sheet' },
  { value: 'trial-balance', label: 'A trial balance' },
  { value: 'happenings', label: 'What happened' },
  { value: 'papers', label: 'Invoices, deliveries, payments' },
  { value: 'bank-statement', label: 'A bank statement' },
  { value: 'table', label: 'A table of one’s own' },
  { value: 'picture', label: 'A picture' },
];

/** The papers that lie beside the work in a step: drawn from the key, or a table. */
export function Sheets({ keyNow, draft, step, onDraft }: StepEditorProps) {
  const sheets = sheetsOf(draft);
  const shown = step.sheets ?? [];
  const add = (kind: SheetKind) => {
    const id = freshId('sheet', sheets);
    const title = KINDS.find(({ value }) => value === kind)?.label ?? '';
    const sheet = { id, title, kind, step: step.id };
    onDraft(withStep(withSheet(draft, sheet), { ...step, sheets: [...shown, id] }));
  };
  return (
    <div>
      <label>
        Papers beside the work
        <Select
          mode="multiple"
          aria-label="Papers beside the work"
          style={{ width: '100%' }}
          placeholder="none"
          options={sheets.map(({ id, title }) => ({ value: id, label: title }))}
          value={shown.filter((id) => sheets.some((sheet) => sheet.id === id))}
          onChange={(ids: string[]) => onDraft(withStep(draft, { ...step, sheets: ids }))}
        />
      </label>
      {sheets
        .filter(({ id }) => shown.includes(id))
        .map((sheet) => (
          <SheetRow
            key={sheet.id}
            {...{ keyNow, sheet }}
            onChange={(changed) => onDraft(withSheet(draft, changed))}
            onRemove={() => onDraft(withoutSheet(draft, sheet.id))}
          />
        ))}
      <AddSheet onAdd={add} />
    </div>
  );
}

const AddSheet = ({ onAdd }: { onAdd(kind: SheetKind): void }) => (
  <Select
    size="small"
    aria-label="Add a paper"
    placeholder="Add a paper"
    style={{ width: '15rem' }}
    options={[...KINDS]}
    value={null}
    onChange={(kind: SheetKind | null) => {
      if (kind !== null) onAdd(kind);
    }}
  />
);

interface SheetRowProps {
  readonly keyNow: AnswerKey;
  readonly sheet: SourceSheet;
  onChange(sheet: SourceSheet): void;
  onRemove(): void;
}

function SheetRow({ keyNow, sheet, onChange, onRemove }: SheetRowProps) {
  return (
    <div className={styles['row']}>
      <Input
        aria-label="Title of the paper"
        maxLength={120}
        value={sheet.title}
        onChange={(event) => onChange({ ...sheet, title: event.target.value })}
      />
      <WhatItShows {...{ keyNow, sheet, onChange }} />
      <Button size="small" type="text" onClick={onRemove}>
        Remove
      </Button>
    </div>
  );
}

/** What a paper is drawn from, where that is to be said. */
function WhatItShows({ keyNow, sheet, onChange }: Omit<SheetRowProps, 'onRemove'>) {
  if (sheet.kind === 'table')
    return (
      <Input.TextArea
        aria-label="Rows of the table, the headings first"
        placeholder="Paste the table here, the headings first"
        autoSize={{ minRows: 2, maxRows: 8 }}
        value={(sheet.rows ?? []).map((row) => row.join('\t')).join('\n')}
        onChange={(event) => onChange({ ...sheet, rows: rowsIn(event.target.value) })}
      />
    );
  if (sheet.kind === 'picture')
    return (
      <ChoosePicture
        title={sheet.title}
        picture={sheet.picture}
        onKept={(picture) => onChange({ ...sheet, picture })}
      />
    );
  if (sheet.kind === 'bank-statement')
    return (
      <Select
        aria-label="Of which account"
        placeholder="the first money account"
        allowClear
        options={moneyAccounts(keyNow)}
        value={sheet.account ?? null}
        onChange={(account: string | null) => onChange(ofAccount(sheet, account))}
      />
    );
  return <span className="quiet">{KINDS.find(({ value }) => value === sheet.kind)?.label}</span>;
}

const moneyAccounts = ({ book }: AnswerKey) =>
  book.accounts
    .filter(({ type }) => typeOf(book.scheme, type)?.role === 'cash')
    .map((each) => ({ value: each.id, label: accountLabel(each) }));

function ofAccount({ account: _, ...sheet }: SourceSheet, account: string | null): SourceSheet {
  return account ? { ...sheet, account } : sheet;
}

const rowsIn = (text: string): string[][] => {
  const read = cellsOf(text);
  if (text === '' || !read.ok) return [];
  return read.value.slice(0, 500).map((row) => row.slice(0, 20).map((cell) => cell.slice(0, 300)));
};
