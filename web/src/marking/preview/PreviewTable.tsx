import type { Preview, PreviewRow } from '@gleddo/contract';
import { Checkbox } from 'antd';
import { counted } from '../../platform/figures/counted';
import { TableHead } from '../../platform/figures/TableHead';
import styles from './preview.module.css';

interface PreviewTableProps {
  readonly preview: Preview;
  /** The works given back that are to change, too. */
  readonly chosen: readonly string[];
  onChoose(chosen: readonly string[]): void;
}

/** Whose marks would change, and how; those given back stay, unless they are chosen. */
export function PreviewTable({ preview, chosen, onChoose }: PreviewTableProps) {
  const { rows, same, failed } = preview;
  const waiting = rows.filter(({ state }) => state === 'handed-in');
  const given = rows.filter(({ state }) => state === 'given-back');
  return (
    <>
      {rows.length === 0 && <p>Nobody’s marks would change.</p>}
      <Group title="Still with you" rows={waiting} />
      <Group title="Given back: these stay as they are, unless you tick them" rows={given}>
        {(row) => (
          <Checkbox
            aria-label={`Change the marks of ${row.student}, too`}
            checked={chosen.includes(row.tryId)}
            onChange={({ target }) =>
              onChoose(
                target.checked
                  ? [...chosen, row.tryId]
                  : chosen.filter((each) => each !== row.tryId),
              )
            }
          />
        )}
      </Group>
      {given.length > 1 && (
        <Checkbox
          checked={given.every(({ tryId }) => chosen.includes(tryId))}
          onChange={({ target }) => onChoose(target.checked ? given.map(({ tryId }) => tryId) : [])}
        >
          All that were given back
        </Checkbox>
      )}
      {same > 0 && <p className="quiet">{counted(same, 'work')} would keep the same marks.</p>}
      {failed > 0 && <p className="is-missed">{counted(failed, 'work')} could not be checked.</p>}
    </>
  );
}

interface GroupProps {
  readonly title: string;
  readonly rows: readonly PreviewRow[];
  children?(row: PreviewRow): React.ReactNode;
}

function Group({ title, rows, children }: GroupProps) {
  if (rows.length === 0) return null;
  return (
    <>
      <h3 className={styles['group']}>{title}</h3>
      <table className="lines-table">
        <TableHead names={['Student']} figures={['Before', 'After']} />
        <tbody>
          {rows.map((row) => (
            <tr key={row.tryId}>
              <td>
                {children?.(row)} {row.student}
              </td>
              <td className="figure">
                {row.points} of {row.of}
              </td>
              <td className="figure">
                <strong>{row.newPoints}</strong> of {row.newOf}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
