import { cellsOf, type SheetKind, type SourceSheet } from '@gleddo/core';
import { Button, Input, Select } from 'antd';
import { freshId, sheetsOf, withoutSheet, withSheet, withStep } from './guide-draft';
import type { StepEditorProps } from './step-editor-props';
import styles from './steps.module.css';

const KINDS: readonly { readonly value: SheetKind; readonly label: string }[] = [
  { value: 'accounts', label: 'A list of accounts' },
  { value: 'balances', label: 'An old balance sheet' },
  { value: 'trial-balance', label: 'A trial balance' },
  { value: 'happenings', label: 'What happened' },
  { value: 'papers', label: 'Invoices, deliveries, payments' },
  { value: 'table', label: 'A table of one’s own' },
];

/** The papers that lie beside the work in a step: drawn from the key, or a table. */
export function Sheets({ draft, step, onDraft }: StepEditorProps) {
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
            sheet={sheet}
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
    style={{ width: 240 }}
    options={[...KINDS]}
    value={null}
    onChange={(kind: SheetKind | null) => {
      if (kind !== null) onAdd(kind);
    }}
  />
);

interface SheetRowProps {
  readonly sheet: SourceSheet;
  onChange(sheet: SourceSheet): void;
  onRemove(): void;
}

function SheetRow({ sheet, onChange, onRemove }: SheetRowProps) {
  return (
    <div className={styles['row']}>
      <Input
        aria-label="Title of the paper"
        maxLength={120}
        value={sheet.title}
        onChange={(event) => onChange({ ...sheet, title: event.target.value })}
      />
      {sheet.kind === 'table' ? (
        <Input.TextArea
          aria-label="Rows of the table, the headings first"
          placeholder="Paste the table here, the headings first"
          autoSize={{ minRows: 2, maxRows: 8 }}
          value={(sheet.rows ?? []).map((row) => row.join('\t')).join('\n')}
          onChange={(event) => onChange({ ...sheet, rows: rowsIn(event.target.value) })}
        />
      ) : (
        <span className="quiet">{KINDS.find(({ value }) => value === sheet.kind)?.label}</span>
      )}
      <Button size="small" type="text" onClick={onRemove}>
        Remove
      </Button>
    </div>
  );
}

const rowsIn = (text: string): string[][] => {
  const read = cellsOf(text);
  if (text === '' || !read.ok) return [];
  return read.value.slice(0, 500).map((row) => row.slice(0, 20).map((cell) => cell.slice(0, 300)));
};
