import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { TermMarks, TermRequest } from '@gleddo/contract';
import { percentOfTenths } from '@gleddo/core';
import { InputNumber } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { ask, get } from '../../platform/api/client';
import { SheetsOnRequest } from '../../book/handouts/SheetsOnRequest';
import { Asking } from '../../platform/shell/Asking';
import { PageHead } from '../../platform/shell/PageHead';
import { Refusal } from '../../platform/shell/Refusal';
import { GroupTabs } from '../groups/GroupTabs';
import { COUNTS } from './counts-words';
import { termPaper } from './term-paper';
import styles from './term.module.css';

type Change = (to: TermRequest) => void;

function useTerm(id: string) {
  const queries = useQueryClient();
  const path = `groups/${id}/marks` as const;
  const term = useQuery({ queryKey: ['term', id], queryFn: () => get(path), staleTime: 0 });
  const change = useMutation({
    mutationFn: (to: TermRequest) => ask('PATCH', path, to),
    onSuccess: (now) => queries.setQueryData(['term', id], now),
  });
  return { term, change };
}

/** The marks of a class over the term: each exercise by its weight, without the worst, without who was ill. */
export default function TermPage() {
  const { id = '' } = useParams();
  const { term, change } = useTerm(id);
  if (!term.data) return <Asking of={term} what="The marks over the term" />;
  const { group, exercises } = term.data;
  return (
    <>
      <PageHead path={{ to: '/groups', name: 'Class groups' }} title={group}>
        <GroupTabs id={id} />
        <span className="actions">
          <SheetsOnRequest
            label="Export marks"
            name={`${group} marks`}
            make={() => termPaper(term.data)}
          />
        </span>
      </PageHead>
      <main className="desk">
        <div className="paper">
          <Refusal of={change} />
          <Worst term={term.data} onChange={change.mutate} />
          {exercises.length === 0 ? (
            <p className="state-line">Nothing has been handed out to this class yet.</p>
          ) : (
            <Table term={term.data} onChange={change.mutate} />
          )}
        </div>
      </main>
    </>
  );
}

const Worst = ({ term: { dropWorst, mayChange }, onChange }: TableProps) => (
  <label className={styles['worst']}>
    Of each student, the worst{' '}
    <InputNumber
      size="small"
      min={0}
      max={10}
      precision={0}
      disabled={!mayChange}
      aria-label="How many of the worst do not count"
      value={dropWorst}
      onChange={(to) => to !== null && onChange({ dropWorst: to })}
    />{' '}
    do not count.{' '}
    <span className="quiet">
      A mark is what was given back; what is missing by then counts as nothing.
    </span>
  </label>
);

interface TableProps {
  readonly term: TermMarks;
  readonly onChange: Change;
}

function Table({ term, onChange }: TableProps) {
  return (
    <div className={styles['scroll']} tabIndex={0} role="region" aria-label="Marks over the term">
      <table className={styles['table']}>
        <thead>
          <tr>
            <th scope="col">Student</th>
            {term.exercises.map((each) => (
              <th key={each.id} scope="col" className="figure">
                <Link to={`/results/${each.id}`}>{each.title}</Link>
                <Weight of={each} mayChange={term.mayChange} onChange={onChange} />
              </th>
            ))}
            <th scope="col" className="figure">
              Term
            </th>
          </tr>
        </thead>
        <tbody>
          {term.rows.map((row) => (
            <tr key={row.personId}>
              <th scope="row">{row.student}</th>
              {row.marks.map((mark) => (
                <td key={mark.exerciseId} className="figure">
                  <Mark {...{ mark, row, term, onChange }} />
                </td>
              ))}
              <td className="figure">
                <strong>{percentOfTenths(row.tenths) || '–'}</strong>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface WeightProps {
  readonly of: TermMarks['exercises'][number];
  readonly mayChange: boolean;
  readonly onChange: Change;
}

/** Kept when one leaves it, or by Enter: not with each figure that is typed. */
function Weight({ of: { id, title, weight }, mayChange, onChange }: WeightProps) {
  const [typed, setTyped] = useState<number | null>(weight);
  const keep = () => {
    if (typed === null) setTyped(weight);
    else if (typed !== weight) onChange({ exerciseId: id, weight: typed });
  };
  return (
    <span className={styles['weight']}>
      weighs{' '}
      <InputNumber
        size="small"
        min={0}
        max={100}
        precision={0}
        controls={false}
        disabled={!mayChange}
        aria-label={`Weight of ${title}`}
        value={typed}
        onChange={setTyped}
        onBlur={keep}
        onPressEnter={keep}
      />
    </span>
  );
}

interface MarkProps {
  readonly mark: TermMarks['rows'][number]['marks'][number];
  readonly row: TermMarks['rows'][number];
  readonly term: TermMarks;
  readonly onChange: Change;
}

/** A mark, and how it counts; pressed, it counts for this student no more, or again. */
function Mark({ mark, row, term, onChange }: MarkProps) {
  const { exerciseId, points, of, counts } = mark;
  const title = term.exercises.find(({ id }) => id === exerciseId)?.title ?? '';
  const isExcused = counts === 'excused';
  const said = points === null ? '' : of === 100 ? String(points) : `${points} of ${of ?? ''}`;
  const word = COUNTS[counts];
  return (
    <button
      type="button"
      className={styles['mark']}
      data-counts={counts}
      disabled={!term.mayChange}
      title={isExcused ? 'Press: it counts again' : 'Press: it does not count for this student'}
      aria-label={`${row.student}, ${title}: ${[said, word].filter((part) => part !== '').join(', ')}`}
      onClick={() => onChange({ exerciseId, personId: row.personId, isExcused: !isExcused })}
    >
      {said} {word !== '' && <span>{word}</span>}
    </button>
  );
}
