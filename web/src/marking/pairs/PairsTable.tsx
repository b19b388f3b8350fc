import {
  accountLabel,
  missingIn,
  pairedByHand,
  pairLines,
  type Book,
  type HandPair,
  type KeptPair,
  type PairLine,
  type Sureness,
} from '@gleddo/core';
import { Select } from 'antd';
import { useMemo, useState } from 'react';
import { LongRows } from '../../platform/figures/LongRows';
import { TableHead } from '../../platform/figures/TableHead';
import { moneyOf, type Money } from '../../platform/figures/money';
import { BY_LABEL } from '../../platform/figures/by-label';
import styles from './pairs.module.css';

/** A work beside its key: who was taken for whom, and what was said of that by hand. */
export interface Pairing {
  readonly keyBook: Book;
  readonly workBook: Book;
  readonly pairs: readonly KeptPair[];
  readonly byHand: readonly HandPair[];
  readonly at: string;
}

interface PairsTableProps {
  readonly pairing: Pairing;
  readonly isBusy?: boolean;
  /** Absent: it is only looked at. */
  onChange?(byHand: HandPair[]): void;
}

const ROW_HEIGHT = 34;

/** Each account of the work and whom of the key it stands for: the least sure first, to be joined and parted by hand. */
export function PairsTable({ pairing, isBusy = false, onChange }: PairsTableProps) {
  const { keyBook, workBook, pairs } = pairing;
  const lines = useInFirstOrder(pairing);
  const money = useMemo(() => moneyOf(keyBook, workBook), [keyBook, workBook]);
  const missing = missingIn(keyBook, pairs);
  return (
    <>
      <table className={`lines-table ${styles['table']}`}>
        <TableHead
          names={['Theirs', 'Stands for', 'How sure, and why']}
          figures={['Theirs', 'The key’s']}
        />
        <LongRows
          of={lines}
          rowHeight={ROW_HEIGHT}
          row={(line) => (
            <Line key={line.work.id} {...{ line, pairing, money, isBusy, onChange }} />
          )}
        />
      </table>
      {missing.length > 0 && (
        <p className={styles['missing']}>
          Nothing stands for: {missing.map(({ name }) => name).join(', ')}.
        </p>
      )}
    </>
  );
}

/** The least sure first, as it was when one came: a row that is joined stays where it is, and the focus in it. */
function useInFirstOrder(pairing: Pairing): readonly PairLine[] {
  const lines = useMemo(
    () => pairLines({ key: pairing.keyBook, work: pairing.workBook, ...pairing }),
    [pairing],
  );
  const [first] = useState(() => new Map(lines.map(({ work }, i) => [work.id, i])));
  const placeOf = ({ work }: PairLine) => first.get(work.id) ?? lines.length;
  return [...lines].sort((a, b) => placeOf(a) - placeOf(b));
}

const SAYS: Readonly<Record<Sureness, string>> = {
  'by hand': 'joined by hand',
  certain: 'certain',
  likely: 'likely',
  doubtful: 'doubtful',
  none: 'stands for none of the key’s',
};

interface LineProps {
  readonly line: PairLine;
  readonly pairing: Pairing;
  readonly money: Money;
  readonly isBusy: boolean;
  readonly onChange: ((byHand: HandPair[]) => void) | undefined;
}

function Line({ line, pairing, money, isBusy, onChange }: LineProps) {
  const { work, keys, sureness, together } = line;
  const isByHand = pairing.byHand.some((each) => each.work === work.id);
  const says = isByHand && keys.length === 0 ? 'parted by hand' : SAYS[sureness];
  const isPlain = isByHand || sureness === 'certain';
  const why = [
    says,
    ...(isPlain ? [] : line.reasons),
    ...(together > 1 ? [`${together} together`] : []),
  ].join(' · ');
  return (
    <tr className={styles[sureness] ?? ''}>
      <td>{accountLabel(work)}</td>
      <td className={styles['stands']}>
        {onChange ? (
          <StandsFor {...{ line, pairing, isBusy, onChange }} />
        ) : (
          keys.map(accountLabel).join(', ') || 'none'
        )}
      </td>
      <td className={styles['why']} title={line.reasons.join(' · ')}>
        {why}
        {isByHand && onChange && (
          <button
            type="button"
            className="link-button"
            onClick={() => onChange(pairing.byHand.filter((each) => each.work !== work.id))}
          >
            Let it be told again
          </button>
        )}
      </td>
      <td className="figure">{money(line.theirs)}</td>
      <td className="figure">{keys.length === 0 ? '' : money(line.wanted)}</td>
    </tr>
  );
}

interface StandsForProps {
  readonly line: PairLine;
  readonly pairing: Pairing;
  readonly isBusy: boolean;
  onChange(byHand: HandPair[]): void;
}

function StandsFor({ line, pairing, isBusy, onChange }: StandsForProps) {
  const { keyBook, byHand, pairs } = pairing;
  const options = useMemo(
    () => keyBook.accounts.map((account) => ({ value: account.id, label: accountLabel(account) })),
    [keyBook],
  );
  return (
    <Select
      mode="multiple"
      size="small"
      style={{ width: '100%' }}
      aria-label={`What “${line.work.name}” stands for`}
      placeholder="none of the key’s"
      showSearch={BY_LABEL}
      value={line.keys.map(({ id }) => id)}
      options={options}
      disabled={isBusy}
      onChange={(keys: string[]) =>
        onChange(pairedByHand(byHand, pairs, { work: line.work.id, keys }))
      }
    />
  );
}
