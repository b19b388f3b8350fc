import { ENTRY_KINDS } from '@gleddo/core';
import { Input, Select } from 'antd';
import { memo } from 'react';
import { DayField } from '../../platform/figures/DayField';
import { KIND_NAMES, type EntryDraft } from './entry-draft';
import styles from './entry.module.css';

interface EntryHeadsProps extends Pick<EntryDraft, 'date' | 'kind' | 'reference' | 'text'> {
  set(rest: Partial<EntryDraft>): void;
}

const KINDS = ENTRY_KINDS.map((kind) => ({ value: kind, label: KIND_NAMES[kind] })).sort(
  (a, b) => Number(b.value === 'general') - Number(a.value === 'general'),
);

/** The day, the kind, the reference and the words of an entry being typed. */
export function EntryHeads({ date, kind, reference, text, set }: EntryHeadsProps) {
  return (
    <div className={styles['heads']}>
      <Day date={date} set={set} />
      <Kind kind={kind} set={set} />
      <div>
        <label htmlFor="entry-reference">Reference</label>
        <Input
          id="entry-reference"
          value={reference}
          maxLength={60}
          onChange={(event) => set({ reference: event.target.value })}
        />
      </div>
      <div>
        <label htmlFor="entry-text">What happened</label>
        <Input
          id="entry-text"
          value={text}
          maxLength={200}
          onChange={(event) => set({ text: event.target.value })}
        />
      </div>
    </div>
  );
}

const Day = memo(function Day({ date, set }: Pick<EntryHeadsProps, 'date' | 'set'>) {
  return (
    <div>
      <label htmlFor="entry-day">Day</label>
      <DayField
        id="entry-day"
        value={date}
        onChange={(day) => set({ date: day })}
        style={{ width: '100%' }}
      />
    </div>
  );
});

const Kind = memo(function Kind({ kind, set }: Pick<EntryHeadsProps, 'kind' | 'set'>) {
  return (
    <div>
      <label htmlFor="entry-kind">Kind</label>
      <Select
        id="entry-kind"
        value={kind}
        style={{ width: '100%' }}
        options={KINDS}
        onChange={(chosen) => set({ kind: chosen })}
      />
    </div>
  );
});
