import { changedType, type AccountType, type Activity, type Role } from '@gleddo/core';
import { Checkbox, Input, Select } from 'antd';
import { useState } from 'react';
import type { SchemePartsProps } from './scheme-parts';
import { ACTIVITIES } from './activities';

const ROLES: readonly { value: Role; label: string }[] = [
  { value: 'none', label: 'No role' },
  { value: 'cash', label: 'Cash' },
  { value: 'receivables-control', label: 'Receivables control' },
  { value: 'payables-control', label: 'Payables control' },
  { value: 'inventory', label: 'Inventory' },
  { value: 'accumulated-depreciation', label: 'Accumulated depreciation' },
  { value: 'depreciation-charge', label: 'Depreciation charge' },
  { value: 'retained-earnings', label: 'Retained earnings (one a book)' },
  { value: 'income-summary', label: 'Income summary' },
  { value: 'suspense', label: 'Suspense (one a book)' },
];

type TypeFieldsProps = SchemePartsProps & { readonly type: AccountType };

/** A type, all of it: its words, its section, and what it means for sides, cash flow and closing. */
export function TypeFields(props: TypeFieldsProps) {
  const { scheme, type, mayChange, onChange } = props;
  const set = (rest: Partial<AccountType>) => onChange(changedType(scheme, type.id, rest));
  const common = { disabled: !mayChange };
  return (
    <div className="field">
      <label htmlFor="type-name">Type</label>
      <Input
        {...common}
        id="type-name"
        value={type.name}
        maxLength={100}
        onChange={(event) => set({ name: event.target.value })}
      />
      <label htmlFor="type-section">Section</label>
      <Select
        {...common}
        id="type-section"
        value={type.section}
        options={scheme.sections.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(section: string) => set({ section })}
      />
      <label htmlFor="type-says">What it is</label>
      <Input.TextArea
        {...common}
        id="type-says"
        autoSize={{ minRows: 2, maxRows: 5 }}
        value={type.says}
        maxLength={400}
        placeholder="One sentence for a beginner"
        onChange={(event) => set({ says: event.target.value })}
      />
      <Examples {...props} onSet={set} />
      <TypeMeans {...props} onSet={set} />
    </div>
  );
}

const CLOSES_INTO: readonly { value: AccountType['closesInto']; label: string }[] = [
  { value: 'nothing', label: 'Nothing, it goes on' },
  { value: 'retained-earnings', label: 'Retained earnings' },
  { value: 'capital', label: 'Capital' },
];

/** What a type means for sides, cash flow and closing. */
function TypeMeans({ type, mayChange, onSet }: ExamplesProps) {
  const common = { disabled: !mayChange };
  return (
    <>
      <span />
      <Checkbox
        {...common}
        checked={type.contra}
        onChange={(event) => onSet({ contra: event.target.checked })}
      >
        Contra: on the other side from its class
      </Checkbox>
      <label htmlFor="type-flow">Cash flow</label>
      <Select
        {...common}
        id="type-flow"
        value={type.cashFlow}
        options={[...ACTIVITIES]}
        onChange={(cashFlow: Activity) => onSet({ cashFlow })}
      />
      <label htmlFor="type-role">Role</label>
      <Select
        {...common}
        id="type-role"
        value={type.role}
        options={[...ROLES]}
        onChange={(role: Role) => onSet({ role })}
      />
      <label htmlFor="type-closes">Closes into</label>
      <Select
        {...common}
        id="type-closes"
        value={type.closesInto}
        options={[...CLOSES_INTO]}
        onChange={(closesInto: AccountType['closesInto']) => onSet({ closesInto })}
      />
    </>
  );
}

const split = (text: string): string[] =>
  text
    .split(';')
    .map((each) => each.trim())
    .filter(Boolean);

type ExamplesProps = TypeFieldsProps & { onSet(rest: Partial<AccountType>): void };

/** Typed as one line; kept as it is typed, so that a semicolon does not vanish under the hand. */
function Examples({ type, mayChange, onSet }: ExamplesProps) {
  const [text, setText] = useState(type.examples.join('; '));
  return (
    <>
      <label htmlFor="type-examples">Examples</label>
      <Input
        id="type-examples"
        disabled={!mayChange}
        value={text}
        maxLength={300}
        placeholder="With a semicolon between"
        onChange={(event) => {
          setText(event.target.value);
          onSet({ examples: split(event.target.value) });
        }}
      />
    </>
  );
}
