import type { AcceptedEntryFile, Entry, Weighing } from '@gleddo/core';
import { Checkbox } from 'antd';
import { DayField } from '../../platform/figures/DayField';
import { useDays } from '../../platform/figures/written-days';
import { OwnPoints } from './OwnPoints';

interface EntryRuleProps {
  readonly entry: Entry;
  readonly rule: AcceptedEntryFile | null;
  readonly weighing: Weighing;
  onChange(rule: AcceptedEntryFile): void;
  onPoints(ref: string, points: number | null): void;
}

/** From which day to which an entry may be dated, and whether it is asked for. */
export function EntryRule({ entry, rule, weighing, onChange, onPoints }: EntryRuleProps) {
  const days = useDays();
  const now: AcceptedEntryFile = rule ?? { entry: entry.id };
  const { from = entry.date, to = entry.date, required = true } = now;
  const name = entry.text || entry.reference || 'the entry';
  return (
    <tr>
      <td>{name}</td>
      <td className="quiet">{days.longDay(entry.date)}</td>
      <td>
        <DayField
          label={`${name}: from`}
          value={from}
          onChange={(day) => onChange({ ...now, from: day, to: day > to ? day : to })}
        />
      </td>
      <td>
        <DayField
          label={`${name}: to`}
          value={to}
          onChange={(day) => onChange({ ...now, to: day, from: day < from ? day : from })}
        />
      </td>
      <td>
        <Checkbox
          aria-label={`${name} is asked for`}
          checked={required}
          onChange={({ target }) => onChange({ ...now, required: target.checked })}
        />
      </td>
      <td>
        <OwnPoints groups={['entry.']} id={entry.id} {...{ name, weighing }} onChange={onPoints} />
      </td>
    </tr>
  );
}
