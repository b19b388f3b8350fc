import { addMonths, type Entry, type Operation } from '@gleddo/core';
import { Button, InputNumber, Popover } from 'antd';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useBookStore } from '../book/open-book';
import { Refusal } from '../shell/Refusal';

/** The same entry on the same day of the months that follow. */
const repeated = (entry: Entry, months: number): Operation => ({
  kind: 'several',
  operations: Array.from({ length: months }, (_, i) => {
    const { document: _document, schedule: _schedule, ...plain } = entry;
    const again = { ...plain, id: `e-${nanoid(12)}`, date: addMonths(entry.date, i + 1) };
    return { kind: 'record-entry' as const, entry: again };
  }),
});

/** Records an entry again in each of so many months. */
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
  const record = () => {
    const { refusals } = store.change(repeated(entry, months));
    setRefused(refusals.map((each) => each.says));
    if (refusals.length === 0) onDone();
  };
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
        style={{ width: 60 }}
        value={months}
        onChange={(value) => setMonths(value ?? 1)}
        onPressEnter={record}
      />{' '}
      months{' '}
      <Button size="small" type="primary" onClick={record}>
        Record them
      </Button>
      <Refusal says={refused} />
    </>
  );
}
