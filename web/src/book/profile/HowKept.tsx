import {
  addDays,
  addMonths,
  subledgersOf,
  firstYear,
  type InventorySystem,
  type Operation,
} from '@gleddo/core';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { useBookStore, useOpenBook } from '../open-book/open-book';
import { INVENTORY_SAYS } from '../business/inventory-says';
import { DayField } from '../../platform/figures/DayField';
import { useDays } from '../../platform/figures/written-days';
import { Refusal } from '../../platform/shell/Refusal';

const SYSTEMS: { value: InventorySystem; label: string }[] = [
  { value: 'perpetual', label: 'Perpetual' },
  { value: 'periodic', label: 'Periodic' },
];

/** How the stock is kept, and up to which day entries stay as they are. */
export function HowKept() {
  const store = useBookStore();
  const { book, answer } = useOpenBook();
  const [refused, setRefused] = useState<string | null>(null);
  const { posting, inventory } = subledgersOf(book);
  const mayChange = answer.mayChange && answer.setsCompany;
  const change = (operation: Operation) =>
    setRefused(store.change(operation).refusals[0]?.says ?? null);
  return (
    <section className="paper narrow">
      <h2>How the books are kept</h2>
      <div className="field">
        <label htmlFor="kept-stock">Stock</label>
        <Select<InventorySystem>
          id="kept-stock"
          disabled={!mayChange}
          value={inventory}
          options={SYSTEMS}
          onChange={(system) => change({ kind: 'change-posting', posting, inventory: system })}
        />
        <span />
        <span className="quiet">{INVENTORY_SAYS[inventory]}</span>
        <span>Entries locked</span>
        <LockedUpTo
          disabled={!mayChange || store.rules.by === 'student'}
          onLock={(until) => change({ kind: 'lock-entries', until })}
        />
      </div>
      <Refusal says={refused} />
    </section>
  );
}

interface LockedUpToProps {
  readonly disabled: boolean;
  onLock(until: string | null): void;
}

/** Nothing, or up to a day: ends of months are offered beside the calendar. */
function LockedUpTo({ disabled, onLock }: LockedUpToProps) {
  const { longDay } = useDays();
  const { book } = useOpenBook();
  const { from, to } = firstYear(book.company.firstDay);
  const ends = Array.from({ length: 12 }, (_, i) => addDays(addMonths(from, i + 1), -1));
  if (book.locked === undefined)
    return (
      <span>
        None.{' '}
        {!disabled && (
          <Button onClick={() => onLock(ends[0] ?? to)}>Lock up to {longDay(ends[0] ?? to)}</Button>
        )}
      </span>
    );
  return (
    <span className="slip-actions">
      <DayField
        label="Entries locked up to"
        disabled={disabled}
        value={book.locked}
        offered={ends}
        onChange={onLock}
      />
      {!disabled && <Button onClick={() => onLock(null)}>Unlock</Button>}
    </span>
  );
}
