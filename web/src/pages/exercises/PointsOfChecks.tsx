import { CHECKS, usualWorth, type Weighing } from '@gleddo/core';
import { InputNumber } from 'antd';

const GROUPS: readonly (readonly [string, string])[] = [
  ['company', 'The company'],
  ['account', 'Accounts'],
  ['opening', 'Opening balances'],
  ['entry', 'Entries'],
  ['statement', 'Statements'],
  ['question', 'Questions'],
];

interface PointsOfChecksProps {
  readonly weighing: Weighing;
  onChange(check: string, points: number): void;
}

/** The points of each check, on request. */
export function PointsOfChecks({ weighing, onChange }: PointsOfChecksProps) {
  return (
    <details>
      <summary>Points of each check</summary>
      <p className="quiet">
        For each account or entry of the key that the starting point does not give. 0 leaves a check
        out. What only follows from a fault already marked costs nothing again.
      </p>
      <table className="lines-table">
        <tbody>
          {GROUPS.map(([group, name]) => (
            <CheckRows key={group} {...{ group, name, weighing, onChange }} />
          ))}
        </tbody>
      </table>
    </details>
  );
}

interface CheckRowsProps {
  readonly group: string;
  readonly name: string;
  readonly weighing: Weighing;
  onChange(check: string, points: number): void;
}

function CheckRows({ group, name, weighing, onChange }: CheckRowsProps) {
  return (
    <>
      <tr className="group">
        <td colSpan={2}>{name}</td>
      </tr>
      {CHECKS.filter((check) => check.id.startsWith(`${group}.`)).map((check) => (
        <tr key={check.id}>
          <td>
            <strong style={{ fontWeight: 600 }}>{check.title}</strong>
            <div className="quiet">{check.compares}</div>
          </td>
          <td className="figure">
            <InputNumber
              aria-label={`Points for: ${check.title}`}
              size="small"
              min={0}
              max={1000}
              precision={0}
              style={{ width: '4rem' }}
              value={usualWorth(weighing, check.id)}
              onChange={(value) => onChange(check.id, value ?? 0)}
            />
          </td>
        </tr>
      ))}
    </>
  );
}
