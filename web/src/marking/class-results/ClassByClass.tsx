import { useQuery } from '@tanstack/react-query';
import type { ClassResults, NoteWritten } from '@gleddo/contract';
import { classesCompared, type ClassesCompared } from '@gleddo/core';
import { useMemo } from 'react';
import { get } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { longDay } from '../../platform/figures/days';
import { TableHead } from '../../platform/figures/TableHead';
import { Asking } from '../../platform/shell/Asking';
import { HowMarksLie } from './ByGroup';
import { percentOf } from '../marks/percent';
import styles from './class-results.module.css';

const MOST_HARD = 15;

type Group = ClassResults['groups'][number];

/** What an exercise told, class by class and year by year: how each did, where it was hard, what was written most. */
export function ClassByClass({ results }: { results: ClassResults }) {
  const { exerciseId, groups, rows, columns } = results;
  const inOrder = useMemo(() => [...groups].sort((a, b) => (a.at < b.at ? -1 : 1)), [groups]);
  const found = useMemo(
    () =>
      classesCompared(
        rows.map(({ groups: of, points, of: whole, cells }) => ({
          ...{ groups: of, cells, share: points !== null && whole ? points / whole : null },
        })),
        inOrder.map(({ id }) => id),
        columns.map(({ id }) => id),
      ),
    [rows, inOrder, columns],
  );
  return (
    <div className="columns">
      <section className="paper">
        <h2>{groups.length === 1 ? 'One class so far' : 'The classes, the first first'}</h2>
        <HowTheyDid groups={inOrder} of={found} />
        <h2>Where it was hardest</h2>
        <Hardest groups={inOrder} of={found} columns={columns} />
      </section>
      <section className="paper">
        <h2>Notes written again and again</h2>
        <Written exerciseId={exerciseId} groups={inOrder} />
      </section>
    </div>
  );
}

interface OfClasses {
  readonly groups: readonly Group[];
  readonly of: ClassesCompared;
}

const HowTheyDid = ({ groups, of }: OfClasses) => (
  <table className="lines-table">
    <TableHead names={['Class group', 'Since']} figures={['Marked', 'Median', 'Range']} />
    <tbody>
      {of.classes.map(({ id, marked, spread }, i) => (
        <tr key={id}>
          <td>{groups[i]?.name}</td>
          <td className="quiet">{longDay(groups[i]?.at.slice(0, 10) ?? '')}</td>
          <HowMarksLie {...{ marked, spread }} />
        </tr>
      ))}
    </tbody>
  </table>
);

interface HardestProps extends OfClasses {
  readonly columns: ClassResults['columns'];
}

/** The share of each class that missed what, the hardest of all first. */
function Hardest({ groups, of, columns }: HardestProps) {
  const names = new Map(columns.map(({ id, name }) => [id, name]));
  if (of.hard.length === 0) return <p className="quiet">Nothing was missed yet.</p>;
  const several = groups.length > 1 ? groups.map(({ name }) => name) : [];
  return (
    <div className={styles['wide']}>
      <table className="lines-table">
        <TableHead names={['Missed']} figures={[...several, 'All']} />
        <tbody>
          {of.hard.slice(0, MOST_HARD).map(({ id, missed, byClass }) => (
            <tr key={id}>
              <td>{names.get(id) ?? id}</td>
              {several.length > 0 &&
                byClass.map((share, i) => <Share key={groups[i]?.id} of={share} />)}
              <Share of={missed} />
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const MUCH = 0.5;

const Share = ({ of }: { readonly of: number | null }) => (
  <td className={`figure ${of !== null && of >= MUCH ? 'is-missed' : ''}`}>
    {of === null ? '–' : percentOf(of)}
  </td>
);

interface WrittenProps {
  readonly exerciseId: string;
  readonly groups: readonly Group[];
}

/** A word that stands in many works may belong in the brief, a step or the key. */
function Written({ exerciseId, groups }: WrittenProps) {
  const written = useQuery({
    queryKey: ['notes-written', exerciseId],
    queryFn: () => get(`exercises/${exerciseId}/notes-written`),
    staleTime: 0,
  });
  if (!written.data) return <Asking of={written} what="What was written most" />;
  if (written.data.length === 0)
    return <p className="quiet">No note of yours stands in more than one work yet.</p>;
  return (
    <ul className="plain-list">
      {written.data.map((note) => (
        <li key={note.text}>
          {note.text} <span className="quiet">{whereSaid(note, groups)}</span>
        </li>
      ))}
    </ul>
  );
}

function whereSaid({ works, byGroup }: NoteWritten, groups: readonly Group[]): string {
  const all = counted(works, 'work');
  if (groups.length < 2) return all;
  const each = groups.flatMap(({ id, name }) => (byGroup[id] ? [`${byGroup[id]} in ${name}`] : []));
  return `${all}: ${each.join(', ')}`;
}
