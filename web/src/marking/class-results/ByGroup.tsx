import type { ClassResults, ClassRow } from '@gleddo/contract';
import { spreadOf } from '@gleddo/core';
import { Select } from 'antd';
import { useSearchParams } from 'react-router';
import { TableHead } from '../../platform/figures/TableHead';
import { percentOf } from '../marks/percent';

const ALL = 'all';

/** Which class group the results are of, where several have the exercise. */
export function ChooseGroup({ groups }: Pick<ClassResults, 'groups'>) {
  const [params, setParams] = useSearchParams();
  if (groups.length < 2) return null;
  const choose = (id: string) => {
    const next = new URLSearchParams(params);
    if (id === ALL) next.delete('group');
    else next.set('group', id);
    setParams(next);
  };
  return (
    <Select
      size="small"
      aria-label="Class group"
      style={{ minWidth: '11.25rem' }}
      value={params.get('group') ?? ALL}
      options={[
        { value: ALL, label: 'all class groups' },
        ...groups.map(({ id, name }) => ({ value: id, label: name })),
      ]}
      onChange={choose}
    />
  );
}

const sharesOf = (rows: readonly ClassRow[]): number[] =>
  rows.flatMap(({ points, of }) => (points !== null && of ? [points / of] : []));

interface HowMarksLieProps {
  readonly marked: number;
  readonly spread: ReturnType<typeof spreadOf>;
}

/** How many are marked, the middle of their marks, and from where to where they go: three cells of a row. */
export const HowMarksLie = ({ marked, spread }: HowMarksLieProps) => (
  <>
    <td className="figure">{marked}</td>
    <td className="figure">{spread ? percentOf(spread.middle) : '–'}</td>
    <td className="figure">
      {spread ? `${percentOf(spread.low)}–${percentOf(spread.high)}` : '–'}
    </td>
  </>
);

/** The class groups beside each other: how many have handed in, and how their marks lie. */
export function GroupsCompared({ groups, rows }: Pick<ClassResults, 'groups' | 'rows'>) {
  if (groups.length < 2) return null;
  return (
    <section className="paper">
      <h2>The class groups</h2>
      <table className="lines-table">
        <TableHead names={['Class group']} figures={['Students', 'Marked', 'Median', 'Range']} />
        <tbody>
          {groups.map(({ id, name }) => {
            const own = rows.filter((row) => row.groups.includes(id));
            const shares = sharesOf(own);
            const spread = spreadOf(shares);
            return (
              <tr key={id}>
                <td>{name}</td>
                <td className="figure">{own.length}</td>
                <HowMarksLie marked={shares.length} spread={spread} />
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
