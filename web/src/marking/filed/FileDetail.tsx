import type { ClassRow } from '@gleddo/contract';
import { faultOf, latestDate } from '@gleddo/core';
import { Select } from 'antd';
import { memo, useMemo } from 'react';
import { BY_LABEL } from '../../platform/figures/by-label';
import { counted } from '../../platform/figures/counted';
import { Refusal } from '../../platform/shell/Refusal';
import { PairsTable, type Pairing } from '../pairs/PairsTable';
import { FileReading } from './FileReading';
import type { Asked, FiledMarks, Looked } from './filed-work';
import { mayComeAsFile, type Files } from './use-files';
import styles from './filed.module.css';

interface FileDetailProps {
  readonly shown: Looked;
  readonly asked: Asked;
  readonly rows: readonly ClassRow[];
  readonly change: Files['change'];
}

/** One file: whose it is, how it was read, who was taken for whom, and the marks that it would have. Others that come change nothing here. */
export const FileDetail = memo(function FileDetail(props: FileDetailProps) {
  const { shown, asked, rows, change } = props;
  const { file, marks } = shown;
  const { sent } = file;
  return (
    <div className={styles['right']}>
      <section className="paper">
        {typeof marks !== 'string' && <AsMarked marks={marks} />}
        <h2>{file.name}</h2>
        <Whose {...{ shown, rows, change }} />
        <Refusal says={typeof sent === 'object' ? sent.refused : null} />
        {typeof marks === 'string' && <Refusal says={marks} />}
        <FileReading shown={shown} change={change} />
      </section>
      {typeof marks !== 'string' && <WhoIsWho {...{ shown, asked, change, marks }} />}
    </div>
  );
});

interface WhoIsWhoProps extends Omit<FileDetailProps, 'rows'> {
  readonly marks: FiledMarks;
}

function WhoIsWho({ shown: { file }, asked, change, marks }: WhoIsWhoProps) {
  const pairing = useMemo(
    (): Pairing => ({
      keyBook: asked.key.book,
      workBook: marks.book,
      pairs: marks.pairs,
      byHand: file.byHand,
      at: marks.table?.balancesAt ?? dayOf(asked, marks),
    }),
    [asked, marks, file.byHand],
  );
  return (
    <section className="paper">
      <h2>Who is who</h2>
      <PairsTable
        pairing={pairing}
        onChange={(byHand) => change(file.id, { byHand, sent: 'not yet' })}
      />
    </section>
  );
}

/** Openings are shown at their own day, a book at the last that the key compares. */
const dayOf = ({ key }: Asked, { table, book }: FiledMarks): string =>
  table ? book.opening.date : latestDate(key);

function Whose({ shown, rows, change }: Omit<FileDetailProps, 'asked'>) {
  const { file } = shown;
  const options = rows.map((row) => ({
    value: row.personId,
    label: row.student,
    disabled: !mayComeAsFile(row),
  }));
  return (
    <div className={styles['row']}>
      <label>
        Whose work is it?{' '}
        <Select
          size="small"
          style={{ width: '15rem' }}
          aria-label={`Whose work ${file.name} is`}
          placeholder="Choose a student"
          showSearch={BY_LABEL}
          value={file.personId}
          options={options}
          onChange={(personId: string) => change(file.id, { personId, sent: 'not yet' })}
        />
      </label>
      <span className="quiet">Who has a work of their own here can’t be chosen.</span>
    </div>
  );
}

/** The marks that a file would have, and what they come from. */
function AsMarked({ marks }: { marks: FiledMarks }) {
  const { points, of, results } = marks.checked;
  const faults = results.filter(({ outcome }) => outcome === 'not-met');
  const notJudged = results.filter(({ outcome }) => outcome === 'cannot-judge').length;
  const kinds = [...new Set(faults.map(faultOf))];
  return (
    <div className={styles['marks']}>
      <span className={styles['points']}>{points}</span> of {of}
      <div className="is-missed">
        {kinds.slice(0, 3).join(' · ')}
        {kinds.length > 3 && ` · ${kinds.length - 3} more`}
      </div>
      {notJudged > 0 && <div className="quiet">{counted(notJudged, 'check')} can’t be judged</div>}
    </div>
  );
}
