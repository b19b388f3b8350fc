import { faultsOfPlan, type Band, type NumberPlan, type Scheme } from '@gleddo/core';
import { Input, InputNumber } from 'antd';

interface PlanEditorProps {
  readonly plan: NumberPlan;
  readonly scheme: Scheme;
  onChange(plan: NumberPlan): void;
}

/** A number plan being written: its steps, and a band for each section; overlaps are said as one writes. */
export function PlanEditor({ plan, scheme, onChange }: PlanEditorProps) {
  const faults = faultsOfPlan(plan);
  const bandOf = (section: string): Band =>
    plan.bands.find((band) => band.section === section && band.type === undefined) ?? {
      section,
      from: '',
      to: '',
    };
  const setBand = (section: string, rest: Partial<Band>) => {
    const next = { ...bandOf(section), ...rest };
    const others = plan.bands.filter((band) => band.section !== section || band.type !== undefined);
    const bands = next.from === '' && next.to === '' ? others : [...others, next];
    const length = Math.max(1, ...bands.map((band) => band.from.length));
    const lettered = bands.some((band) => /[^\d]/.test(band.from));
    const characters = lettered ? 'letters-and-digits' : 'digits';
    onChange({ ...plan, bands, length: Math.min(15, length), characters });
  };
  return (
    <div className="plan-editor">
      <div className="numbers-row">
        <label>
          Name{' '}
          <Input
            size="small"
            style={{ width: 170 }}
            value={plan.name}
            onChange={(event) => onChange({ ...plan, name: event.target.value })}
          />
        </label>
        <label>
          Step{' '}
          <InputNumber
            size="small"
            min={1}
            precision={0}
            value={plan.step}
            onChange={(step) => onChange({ ...plan, step: step ?? 1 })}
          />
        </label>
        <label>
          Small step{' '}
          <InputNumber
            size="small"
            min={1}
            precision={0}
            value={plan.childStep}
            onChange={(childStep) => onChange({ ...plan, childStep: childStep ?? 1 })}
          />
        </label>
      </div>
      <table className="lines-table">
        <tbody>
          {scheme.sections.map(({ id, name }) => (
            <tr key={id}>
              <td>{name}</td>
              {(['from', 'to'] as const).map((end) => (
                <td key={end}>
                  <Input
                    size="small"
                    aria-label={`${name}, ${end}`}
                    value={bandOf(id)[end]}
                    maxLength={15}
                    onChange={(event) => setBand(id, { [end]: event.target.value })}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {faults.map((fault) => (
        <p key={fault.at + fault.says} className="refusal" role="alert">
          {fault.says}
        </p>
      ))}
    </div>
  );
}
