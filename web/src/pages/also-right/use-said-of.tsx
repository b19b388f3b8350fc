import { Select } from 'antd';
import { useState, type ReactNode } from 'react';
import { BY_LABEL } from '../../platform/figures/by-label';

interface SaidOf<Row> {
  readonly of: readonly Row[];
  /** Whether something is said of a row already. */
  isSaid(row: Row): boolean;
  /** `an account`. */
  readonly what: string;
  nameOf(row: Row): string;
}

interface ShownOf<Row> {
  readonly shown: readonly Row[];
  readonly others: readonly Row[];
  readonly adding: ReactNode;
}

/** Of many rows those of which something is said, and a line by which one more of them is spoken of. */
export function useSaidOf<Row extends { readonly id: string }>({
  of,
  isSaid,
  what,
  nameOf,
}: SaidOf<Row>): ShownOf<Row> {
  const [before] = useState(() => new Set(of.filter(isSaid).map(({ id }) => id)));
  const [added, setAdded] = useState<readonly string[]>([]);
  const isShown = (row: Row) => before.has(row.id) || isSaid(row) || added.includes(row.id);
  const others = of.filter((row) => !isShown(row));
  const adding = others.length > 0 && (
    <Select
      aria-label={`Say something of ${what}`}
      placeholder={`Say something of ${what} …`}
      style={{ width: '20rem', marginBlockStart: '0.5rem' }}
      showSearch={BY_LABEL}
      value={null}
      options={others.map((row) => ({ value: row.id, label: nameOf(row) }))}
      onChange={(id: string | null) => id !== null && setAdded([...added, id])}
    />
  );
  const late = added.flatMap((id) => of.filter((row) => row.id === id && !before.has(id)));
  const early = of.filter((row) => isShown(row) && !added.includes(row.id));
  return { shown: [...early, ...late], others, adding };
}
