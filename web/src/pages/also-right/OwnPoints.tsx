import { CHECKS, usualWorth, type Weighing } from '@gleddo/core';
import { InputNumber, Popover } from 'antd';

interface OwnPointsProps {
  /** The checks of accounts, or of entries. */
  readonly groups: readonly string[];
  readonly id: string;
  readonly name: string;
  readonly weighing: Weighing;
  /** Null: as usual. */
  onChange(ref: string, points: number | null): void;
}

/** Points of one account or entry, where they are others than usual: by check. */
export function OwnPoints(props: OwnPointsProps) {
  const own = Object.keys(props.weighing.points ?? {}).filter((ref) =>
    ref.endsWith(`:${props.id}`),
  ).length;
  return (
    <Popover trigger="click" placement="left" destroyOnHidden content={<ByCheck {...props} />}>
      <button
        type="button"
        className="link-button"
        style={{ minHeight: '1.5rem', whiteSpace: 'nowrap' }}
        aria-label={`Points of ${props.name}`}
      >
        {own === 0 ? 'as usual' : 'its own'}
      </button>
    </Popover>
  );
}

function ByCheck({ groups, id, name, weighing, onChange }: OwnPointsProps) {
  const checks = CHECKS.filter((check) => groups.some((group) => check.id.startsWith(group)));
  return (
    <div style={{ maxHeight: '23.75rem', overflowY: 'auto' }}>
      <p className="quiet">Points of {name}. Empty: as usual.</p>
      <table className="lines-table">
        <tbody>
          {checks.map((check) => {
            const ref = `${check.id}:${id}`;
            return (
              <tr key={ref}>
                <td>{check.title}</td>
                <td className="figure">
                  <InputNumber
                    aria-label={`${check.title}, ${name}`}
                    size="small"
                    min={0}
                    max={1000}
                    precision={0}
                    style={{ width: '4.5rem' }}
                    placeholder={String(usualWorth(weighing, check.id))}
                    value={weighing.points?.[ref] ?? null}
                    onChange={(value) => onChange(ref, value)}
                  />
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
