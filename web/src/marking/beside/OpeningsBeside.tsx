import { accountLabel, openingsBeside, type OpeningBeside } from '@gleddo/core';
import { useMemo } from 'react';
import { useDays } from '../../platform/figures/written-days';
import type { BesideProps } from './beside-props';
import styles from './beside.module.css';
import { NoteNumbers } from '../marks/NoteNumbers';
import { numbersAbout } from './note-numbers';

/** The opening balances of a work beside the key’s: debit as it is, credit in parentheses. */
export function OpeningsBeside(props: BesideProps) {
  const { keyBook, work, pairs, onlyDiffering } = props;
  const rows = useMemo(() => openingsBeside(keyBook, work, pairs), [keyBook, work, pairs]);
  const shown = rows.filter(({ theirs, wanted }) => !onlyDiffering || theirs !== wanted);
  return (
    <section
      className={`page bare of-whole ${styles['whole']}`}
      aria-label="Opening balances"
      tabIndex={0}
    >
      <div className="page-head">
        <h2>Opening balances</h2>
        <WhenTheyOpen {...props} />
      </div>
      <table className="lines-table">
        <thead>
          <tr>
            <th scope="col">Account</th>
            <th scope="col">Note</th>
            <th scope="col" className="figure">
              Theirs
            </th>
            <th scope="col" className="figure">
              Key
            </th>
          </tr>
        </thead>
        <tbody>
          {shown.map((row) => (
            <OpeningRow key={idsOf(row).join()} row={row} {...props} />
          ))}
        </tbody>
      </table>
      {shown.length === 0 && <p className="quiet">No opening balance differs.</p>}
    </section>
  );
}

function WhenTheyOpen({ work, keyBook }: Pick<BesideProps, 'work' | 'keyBook'>) {
  const { longDay } = useDays();
  return (
    <span className="quiet">
      theirs at {longDay(work.opening.date)}, the key’s at {longDay(keyBook.opening.date)}; credit
      in parentheses
    </span>
  );
}

const idsOf = ({ keys, works }: OpeningBeside): string[] => [...keys, ...works].map(({ id }) => id);

function OpeningRow({ row, faults, money, active }: BesideProps & { readonly row: OpeningBeside }) {
  const numbers = numbersAbout(faults, 'opening.', idsOf(row));
  const differs = row.theirs !== row.wanted;
  const look = differs ? styles['differs'] : '';
  const lit = active !== null && numbers.includes(active) ? styles['lit'] : '';
  return (
    <tr className={`${look} ${lit}`}>
      <td>{(row.works.length > 0 ? row.works : row.keys).map(accountLabel).join(', ')}</td>
      <td>
        <NoteNumbers of={numbers} />
      </td>
      <td className="figure">{money(row.theirs)}</td>
      <td className="figure">{money(row.wanted)}</td>
    </tr>
  );
}
