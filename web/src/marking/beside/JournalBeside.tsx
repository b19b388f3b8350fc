import {
  accountLabel,
  accountOf,
  entriesBeside,
  type Book,
  type EntriesBeside,
  type Entry,
} from '@gleddo/core';
import { useMemo } from 'react';
import { useDays } from '../../platform/figures/written-days';
import { LongRows } from '../../platform/figures/LongRows';
import { TableHead } from '../../platform/figures/TableHead';
import type { Money } from '../../platform/figures/money';
import type { BesideProps } from './beside-props';
import styles from './beside.module.css';
import { NoteNumbers } from '../marks/NoteNumbers';
import { numbersAbout } from './note-numbers';

const LINE = 21;

/** An entry takes a line for its text and one for each of its own; what stands beside it, the taller of the two. */
const heightOf = ({ works, keys }: EntriesBeside): number => {
  const lines = (of: readonly Entry[]) => of.reduce((sum, each) => sum + 1 + each.lines.length, 0);
  return LINE * Math.max(1, lines(works), lines(keys)) + 4;
};

/** The journal of a work beside the key’s: each entry beside the one that it stands for. */
export function JournalBeside(props: BesideProps) {
  const { keyBook, work, pairs, faults, onlyDiffering } = props;
  const rows = useMemo(() => entriesBeside(keyBook, work, pairs), [keyBook, work, pairs]);
  const shown = rows.filter(
    (row) => !onlyDiffering || !row.agrees || numbersAbout(faults, 'entry.', idsOf(row)).length > 0,
  );
  return (
    <section className={`page bare of-whole ${styles['whole']}`} aria-label="Journal" tabIndex={0}>
      <div className="page-head">
        <h2>Journal</h2>
        <span className="quiet">credit in parentheses</span>
      </div>
      <table className={`lines-table ${styles['journal']}`}>
        <TableHead names={['Note', 'Theirs', 'Key']} />
        <LongRows
          of={shown}
          rowHeight={heightOf}
          row={(row) => <JournalRow key={idsOf(row).join()} row={row} {...props} />}
        />
      </table>
      {shown.length === 0 && <p className="quiet">No entry differs.</p>}
    </section>
  );
}

const idsOf = ({ keys, works }: EntriesBeside): string[] => [...keys, ...works].map(({ id }) => id);

interface JournalRowProps extends BesideProps {
  readonly row: EntriesBeside;
}

function JournalRow({ row, faults, keyBook, work, money, active }: JournalRowProps) {
  const numbers = numbersAbout(faults, 'entry.', idsOf(row));
  const look = row.agrees && numbers.length === 0 ? '' : styles['differs'];
  const lit = active !== null && numbers.includes(active) ? styles['lit'] : '';
  return (
    <tr className={`${look} ${lit}`}>
      <td>
        <NoteNumbers of={numbers} />
      </td>
      <td>
        <Entries of={row.works} book={work} money={money} none="not recorded" />
      </td>
      <td>
        <Entries of={row.keys} book={keyBook} money={money} none="not in the key" />
      </td>
    </tr>
  );
}

interface EntriesProps {
  readonly of: readonly Entry[];
  readonly book: Book;
  readonly money: Money;
  readonly none: string;
}

function Entries({ of, book, money, none }: EntriesProps) {
  const { longDay } = useDays();
  if (of.length === 0) return <span className="mark-says">{none}</span>;
  return of.map(({ id, date, text, lines }) => (
    <div key={id}>
      <div>
        <span className="quiet">{longDay(date)}</span> {text}
      </div>
      {lines.map(({ account, amount }, i) => {
        const found = accountOf(book, account);
        return (
          <div key={i} className={styles['line']}>
            <span>{found ? accountLabel(found) : ''}</span>
            <span className="figure">{money(amount)}</span>
          </div>
        );
      })}
    </div>
  ));
}
