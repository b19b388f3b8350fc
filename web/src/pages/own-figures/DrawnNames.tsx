import type { OwnFigures } from '@gleddo/core';
import { Button, Input, Select } from 'antd';
import styles from './own-figures.module.css';

interface DrawnNamesProps {
  readonly figures: OwnFigures;
  onChange(figures: OwnFigures): void;
}

/** Names that are drawn: wherever the one stands, one of the others may stand instead. */
export function DrawnNames({ figures, onChange }: DrawnNamesProps) {
  const names = figures.names ?? [];
  const put = (list: typeof names) => onChange({ ...figures, names: list });
  return (
    <section className="paper">
      <h2>Names</h2>
      <p className="quiet">
        A name of a customer, a supplier, a thing: wherever it stands, one of the others may stand
        instead. {'{student}'} in the company’s name is the student’s own.
      </p>
      {names.map((name, i) => (
        <NameRow
          key={i}
          {...{ name }}
          at={i}
          onChange={(to) => put(names.map((each, at) => (at === i ? to : each)))}
          onRemove={() => put(names.filter((_, at) => at !== i))}
        />
      ))}
      <Button size="small" onClick={() => put([...names, { name: '', instead: [] }])}>
        Add a name
      </Button>
    </section>
  );
}

type DrawnName = NonNullable<OwnFigures['names']>[number];

interface NameRowProps {
  readonly name: DrawnName;
  readonly at: number;
  onChange(name: DrawnName): void;
  onRemove(): void;
}

const NameRow = ({ name, at, onChange, onRemove }: NameRowProps) => (
  <div className={styles['name']}>
    <Input
      aria-label={`Name ${at + 1}`}
      placeholder="Name, as it stands"
      maxLength={120}
      value={name.name}
      onChange={(event) => onChange({ ...name, name: event.target.value })}
    />
    <Select
      mode="tags"
      aria-label={`Names instead of name ${at + 1}`}
      placeholder="Others: type, then Enter"
      tokenSeparators={[';']}
      open={false}
      value={[...name.instead]}
      onChange={(others: string[]) => onChange({ ...name, instead: others })}
    />
    <Button size="small" type="text" onClick={onRemove}>
      Remove
    </Button>
  </div>
);
