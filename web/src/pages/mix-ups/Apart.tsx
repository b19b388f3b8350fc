import type { ClassMixUps, MixUpRow } from '@gleddo/contract';
import { DISTINCTIONS } from '@gleddo/core';
import { Button, Select } from 'antd';
import { Link } from 'react-router';
import { counted } from '../../platform/figures/counted';
import { Refusal } from '../../platform/shell/Refusal';
import type { AskingOf } from './asking-of';
import styles from './mix-ups.module.css';

interface ApartProps {
  readonly row: MixUpRow;
  readonly found: ClassMixUps;
  readonly ask: AskingOf;
}

/** One distinction: the sentence that tells the two apart, a drill for those who need it, who it is and with what. */
export function Apart({ row, found, ask }: ApartProps) {
  const { name, asks } = DISTINCTIONS[row.distinction];
  const others = found.students - row.who.length;
  return (
    <div className={styles['apart']}>
      <section className="paper" aria-label={name}>
        <h2>{name}</h2>
        <p className={styles['says']}>{asks}</p>
        {row.who.length > 0 && <Actions {...{ row, found, ask }} />}
      </section>
      <section className="paper" aria-label="Who, and with what">
        <h2>Who, and with what</h2>
        <Who row={row} />
        {others > 0 && (
          <p className="quiet">{`${counted(others, 'other')} missed nothing of it.`}</p>
        )}
      </section>
    </div>
  );
}

const Who = ({ row }: { row: MixUpRow }) => (
  <table className="lines-table">
    <tbody>
      {row.who.map((each) => (
        <tr key={each.personId}>
          <td className={styles['student']}>
            {each.tryId === null ? (
              each.student
            ) : (
              <Link to={`/marking/${each.tryId}`}>{each.student}</Link>
            )}
          </td>
          <td className="quiet">
            {each.names.join(' · ')}
            {each.isAsked && <span className="is-follows"> · a drill is asked</span>}
          </td>
          <td className="figure">
            {each.missed} of {each.asked}
          </td>
        </tr>
      ))}
    </tbody>
  </table>
);

function Actions({ row, found, ask }: ApartProps) {
  const work = row.who.find(({ tryId }) => tryId !== null);
  return (
    <div className="slip-actions">
      {found.mayAsk && <Asks {...{ row, found, ask }} />}
      <Link to={`/exercises/shelf?for=${row.distinction}`}>Ready exercises for it</Link>
      {work && <Link to={`/marking/${work.tryId}`}>Show it in a work</Link>}
      <Refusal of={ask} />
    </div>
  );
}

/** What is asked of them because of it, by who teaches them. */
function Asks({ row, found, ask }: ApartProps) {
  const need = row.who.filter(({ isAsked }) => !isAsked).map(({ personId }) => personId);
  const all = row.who.map(({ personId }) => personId);
  return (
    <>
      <Button
        type="primary"
        disabled={need.length === 0}
        loading={ask.isPending}
        onClick={() => ask.mutate({ kind: 'drill', what: row.distinction, people: need })}
      >
        {need.length === 0 ? 'The drill is asked of all' : `Drill for these ${need.length}`}
      </Button>
      <Select
        aria-label="Practise an exercise with new figures"
        placeholder="Practise with new figures"
        style={{ width: '13.75rem' }}
        popupMatchSelectWidth={360}
        value={null}
        options={found.exercises.map(({ id, title }) => ({ value: id, label: title }))}
        onChange={(what: string | null) => {
          if (what !== null) ask.mutate({ kind: 'practice', what, people: all });
        }}
      />
    </>
  );
}
