import {
  accountLabel,
  KIND_FACTS,
  placeOfId,
  type AnswerKey,
  type Book,
  type Step,
} from '@gleddo/core';
import { Select } from 'antd';
import { BY_LABEL } from '../../platform/figures/by-label';
import { longDay } from '../../platform/figures/days';

type Kind = 'accounts' | 'openings' | 'entries' | 'documents';

interface Option {
  readonly value: string;
  readonly label: string;
}

const OPTIONS: Readonly<Record<Kind, (book: Book) => Option[]>> = {
  accounts: ({ accounts }) =>
    accounts.map((each) => ({ value: each.id, label: accountLabel(each) })),
  openings: ({ accounts, opening }) =>
    accounts
      .filter(({ id }) => opening.balances[id])
      .map((each) => ({ value: each.id, label: accountLabel(each) })),
  entries: ({ company, entries }) =>
    entries
      .filter(({ document, schedule }) => document === undefined && schedule === undefined)
      .map(({ id, date, text, reference }) => ({
        value: id,
        label: `${longDay(date, placeOfId(company.place).days)} ${text || reference}`,
      })),
  documents: ({ company, subledgers }) =>
    (subledgers?.documents ?? []).map(({ id, date, kind, text }) => ({
      value: id,
      label:
        `${longDay(date, placeOfId(company.place).days)} ${KIND_FACTS[kind].name} ${text}`.trim(),
    })),
};

const NAMES: readonly (readonly [Kind, string])[] = [
  ['accounts', 'Accounts to set up'],
  ['openings', 'Opening balances to enter'],
  ['entries', 'Entries to record'],
  ['documents', 'Papers to enter'],
];

interface AskedPickerProps {
  readonly keyNow: AnswerKey;
  readonly step: Step;
  onChange(step: Step): void;
}

/** What a step asks for, chosen from the key. */
export function AskedPicker({ keyNow, step, onChange }: AskedPickerProps) {
  return (
    <>
      {NAMES.map(([kind, name]) => {
        const options = OPTIONS[kind](keyNow.book);
        if (options.length === 0) return null;
        const known = new Set(options.map(({ value }) => value));
        return (
          <label key={kind}>
            {name}
            <Select
              mode="multiple"
              allowClear
              maxTagCount={4}
              aria-label={name}
              showSearch={BY_LABEL}
              style={{ width: '100%' }}
              placeholder="none"
              options={options}
              value={(step[kind] ?? []).filter((id) => known.has(id))}
              onChange={(ids: string[]) => onChange({ ...step, [kind]: ids })}
            />
          </label>
        );
      })}
    </>
  );
}
