import { readExpression, type OwnFigures, type Quantity } from '@gleddo/core';
import { Button, Input, InputNumber } from 'antd';
import styles from './own-figures.module.css';

interface QuantitiesProps {
  readonly figures: OwnFigures;
  onChange(figures: OwnFigures): void;
}

const FIELDS = [
  ['name', 'Name'],
  ['from', 'From'],
  ['to', 'To'],
  ['step', 'Step'],
] as const;

/** Named quantities that are drawn, and the formula of every amount that has none of its own. */
export function Quantities({ figures, onChange }: QuantitiesProps) {
  const quantities = figures.quantities ?? [];
  const put = (list: readonly Quantity[]) => onChange({ ...figures, quantities: [...list] });
  const name = `quantity${quantities.length + 1}`;
  return (
    <section className="paper">
      <h2>Quantities</h2>
      {quantities.length > 0 && <QuantityTable {...{ quantities, put }} />}
      <Button
        size="small"
        onClick={() => put([...quantities, { name, from: '10', to: '90', step: '5' }])}
      >
        Add a quantity
      </Button>
      <Everywhere figures={figures} onChange={onChange} />
    </section>
  );
}

interface QuantityTableProps {
  readonly quantities: readonly Quantity[];
  put(list: readonly Quantity[]): void;
}

function QuantityTable({ quantities, put }: QuantityTableProps) {
  const change = (at: number, to: Partial<Quantity>) =>
    put(quantities.map((each, i) => (i === at ? { ...each, ...to } : each)));
  return (
    <table className="lines-table">
      <thead>
        <tr>
          {FIELDS.map(([field, name]) => (
            <th key={field}>{name}</th>
          ))}
          <th />
        </tr>
      </thead>
      <tbody>
        {quantities.map((quantity, i) => (
          <QuantityRow
            key={i}
            {...{ quantity }}
            at={i}
            onChange={(to) => change(i, to)}
            onRemove={() => put(quantities.filter((_, at) => at !== i))}
          />
        ))}
      </tbody>
    </table>
  );
}

interface QuantityRowProps {
  readonly quantity: Quantity;
  readonly at: number;
  onChange(to: Partial<Quantity>): void;
  onRemove(): void;
}

const QuantityRow = ({ quantity, at, onChange, onRemove }: QuantityRowProps) => (
  <tr>
    {FIELDS.map(([field, name]) => (
      <td key={field}>
        <Input
          size="small"
          aria-label={`${name} of quantity ${at + 1}`}
          value={quantity[field]}
          maxLength={30}
          onChange={(event) => onChange({ [field]: event.target.value.trim() })}
        />
      </td>
    ))}
    <td>
      <Button size="small" type="text" onClick={onRemove}>
        Remove
      </Button>
    </td>
  </tr>
);

/** Each amount drawn for itself: between which shares of it. */
function EachForItself({ figures, onChange }: QuantitiesProps) {
  const { each, ...rest } = figures;
  if (!each) return null;
  const share = (end: 'from' | 'to') => (
    <InputNumber
      size="small"
      aria-label={end === 'from' ? 'Least share of an amount' : 'Most of an amount'}
      min={0.01}
      max={9.99}
      step={0.1}
      precision={2}
      value={Number(each[end])}
      style={{ width: '4.5rem' }}
      onChange={(value) => onChange({ ...figures, each: { ...each, [end]: String(value ?? 1) } })}
    />
  );
  return (
    <div className={styles['everywhere']}>
      <p>
        Every amount without a formula of its own is drawn between {share('from')} and {share('to')}{' '}
        of what it is.
      </p>
      <Button
        type="text"
        size="small"
        style={{ alignSelf: 'start' }}
        onClick={() => onChange({ ...rest, everywhere: 'usual' })}
      >
        By a formula instead
      </Button>
    </div>
  );
}

function Everywhere({ figures, onChange }: QuantitiesProps) {
  if (figures.each) return <EachForItself figures={figures} onChange={onChange} />;
  return <ByFormula figures={figures} onChange={onChange} />;
}

function ByFormula({ figures, onChange }: QuantitiesProps) {
  const { everywhere = '', roundTo, ...rest } = figures;
  const read = everywhere === '' ? null : readExpression(everywhere);
  const say = (says: string) =>
    onChange({
      ...rest,
      ...(roundTo === undefined ? {} : { roundTo }),
      ...(says === '' ? {} : { everywhere: says }),
    });
  return (
    <div className={styles['everywhere']}>
      <label>
        Every amount without a formula of its own{' '}
        <span className="quiet">(usual: as it was made)</span>
        <Input
          value={everywhere}
          maxLength={500}
          placeholder="stays as it was made"
          onChange={(event) => say(event.target.value)}
        />
      </label>
      <label>
        rounded to so many cents{' '}
        <InputNumber
          size="small"
          min={1}
          max={1_000_000}
          precision={0}
          value={roundTo ?? 1}
          style={{ width: '5.625rem' }}
          onChange={(value) => onChange({ ...figures, roundTo: value ?? 1 })}
        />
      </label>
      {read && !read.ok && <p className="is-missed">{read.refusals[0]?.says}</p>}
    </div>
  );
}
