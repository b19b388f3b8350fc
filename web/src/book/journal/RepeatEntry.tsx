import { addMonths, type Entry, type Operation } from '@gleddo/core';
import { Button, InputNumber, Popover } from 'antd';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useBookStore } from '../open-book/open-book';
import { Refusal } from '../../platform/shell/Refusal';
import { KIND_NAMES } from './entry-draft';

/** As a person would have entered it. */
function typed({ document: _document, schedule: _schedule, ...plain }: Entry): Entry {
  return plain;
}

/** The same entry on the same day of the months that follow. */
const repeated = (entry: Entry, months: number): Operation => ({
  kind: 'several',
  operations: Array.from({ length: months }, (_, i) => {
    const date = addMonths(entry.date, i + 1);
    return {
      kind: 'record-entry' as const,
      entry: { ...typed(entry), id: `e-${nanoid(12)}`, date },
    };
  }),
});

const NAME_LENGTH = 120;

/** The entry among those that are kept to begin others from, under what it says. */
function keptAsTemplate(entry: Entry): Operation {
  const name = (entry.text || entry.reference || KIND_NAMES[entry.kind]).slice(0, NAME_LENGTH);
  return { kind: 'put-template', template: { id: `t-${nanoid(12)}`, name, entry: typed(entry) } };
}

/** Records an entry again in each of so many months, or keeps it to begin others from. */
export function RepeatEntry({ entry }: { entry: Entry }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Popover
      trigger="click"
      open={isOpen}
      onOpenChange={setOpen}
      destroyOnHidden
      content={<Months entry={entry} onDone={() => setOpen(false)} />}
    >
      <Button size="small" type="text" aria-label={`Repeat ${entry.text}`}>
        Repeat
      </Button>
    </Popover>
  );
}

function Months({ entry, onDone }: { entry: Entry; onDone(): void }) {
  const store = useBookStore();
  const [months, setMonths] = useState(3);
  const [refused, setRefused] = useState<readonly string[]>([]);
  const make = (operation: Operation) => {
    const { refusals } = store.change(operation);
    setRefused(refusals.map((each) => each.says));
    if (refusals.length === 0) onDone();
  };
  const record = () => make(repeated(entry, months));
  return (
    <>
      Again in each of the next{' '}
      <InputNumber
        aria-label="How many months"
        autoFocus
        size="small"
        min={1}
        max={24}
        precision={0}
        style={{ width: '3.75rem' }}
        value={months}
        onChange={(value) => setMonths(value ?? 1)}
        onPressEnter={record}
      />{' '}
      months{' '}
      <Button size="small" type="primary" onClick={record}>
        Record them
      </Button>
      <p style={{ margin: '8px 0 0' }}>
        <Button size="small" onClick={() => make(keptAsTemplate(entry))}>
          Keep as a template
        </Button>
      </p>
      <Refusal says={refused} />
    </>
  );
}
