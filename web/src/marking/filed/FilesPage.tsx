import { useQuery } from '@tanstack/react-query';
import type { ClassResults } from '@gleddo/contract';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { get } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { Asking } from '../../platform/shell/Asking';
import { ChooseFiles } from './ChooseFiles';
import { FileDetail } from './FileDetail';
import { FileList } from './FileList';
import { lookedAt, type Asked, type FiledFile, type Looked } from './filed-work';
import { useAsked } from './use-asked';
import { useFiles, type Files } from './use-files';
import styles from './filed.module.css';

/** Works that come as files: one or a pile, each looked at before it is put beside the class. */
export default function FilesPage() {
  const { id = '' } = useParams();
  const asked = useAsked(id);
  const results = useQuery({
    queryKey: ['results', id],
    queryFn: () => get(`exercises/${id}/results`),
  });
  if (!asked.data) return <Asking of={asked} what="The key" />;
  if (!results.data) return <Asking of={results} what="The class" />;
  return <FilesOfClass asked={asked.data} results={results.data} />;
}

/** One that can’t be read stands in the class, too, with its reason. */
const isReady = ({ file }: Looked): boolean => file.personId !== null && file.sent !== 'done';

function FilesOfClass({ asked, results }: { asked: Asked; results: ClassResults }) {
  const pile = useFiles(results.exerciseId, asked, results.rows);
  const [current, setCurrent] = useState<string | null>(null);
  const looked = useMemo(
    () => pile.files.map((file) => lookedAt(asked, file)),
    [pile.files, asked],
  );
  const ready = looked.filter(isReady);
  const shown = looked.find(({ file }) => file.id === current) ?? looked[0] ?? null;
  return (
    <>
      <FilesHead results={results} looked={looked}>
        <PutBeside ready={ready.map(({ file }) => file)} pile={pile} />
      </FilesHead>
      <main className="desk">
        <div className={styles['columns']}>
          <section className="paper">
            <h2>Files</h2>
            <FileList
              looked={looked}
              rows={results.rows}
              current={shown?.file.id ?? null}
              onTake={setCurrent}
            />
            <ChooseFiles onChoose={(files) => void pile.add(files)} />
          </section>
          {shown ? (
            <FileDetail
              key={shown.file.id}
              {...{ shown, asked, rows: results.rows, change: pile.change }}
            />
          ) : (
            <Beginning />
          )}
        </div>
      </main>
    </>
  );
}

function PutBeside({ ready, pile }: { ready: readonly FiledFile[]; pile: Files }) {
  return (
    <Button
      type="primary"
      disabled={ready.length === 0}
      loading={pile.isSending}
      onClick={() => void pile.send(ready)}
    >
      {ready.length === 0 ? 'Put them beside the class' : `Put ${ready.length} beside the class`}
    </Button>
  );
}

function Beginning() {
  return (
    <section className="paper">
      <h2>Work from any program</h2>
      <p>
        A book saved here, or a list of accounts and balances from any spreadsheet or accounting
        program: CSV, XLSX, or many of them in one ZIP. Each is read and shown here with its
        columns, its accounts and the marks that it would have. Nothing is kept before you put it
        beside the class.
      </p>
      <p className="quiet">
        What a list can’t say (its entries, for instance) is not judged and leaves the sum to earn.
      </p>
    </section>
  );
}

interface FilesHeadProps {
  readonly results: ClassResults;
  readonly looked: readonly Looked[];
  readonly children: React.ReactNode;
}

function FilesHead({ results, looked, children }: FilesHeadProps) {
  const unread = looked.filter(({ marks }) => typeof marks === 'string').length;
  const nobody = looked.filter(
    ({ file, marks }) => typeof marks !== 'string' && file.personId === null,
  ).length;
  const says = [
    counted(looked.length, 'file'),
    ...(nobody > 0 ? [`${nobody} without a student`] : []),
    ...(unread > 0 ? [`${unread} can’t be read`] : []),
  ].join(' · ');
  return (
    <div className="sheet-head">
      <h1>
        <Link to={`/results/${results.exerciseId}`} className="path-link">
          {results.title}
        </Link>{' '}
        › Work from files
      </h1>
      {looked.length > 0 && <span className="quiet">{says}</span>}
      <div className="actions">{children}</div>
    </div>
  );
}
