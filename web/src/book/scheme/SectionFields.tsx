import {
  changedSection,
  countsIn,
  profitLineName,
  PROFIT_LINES,
  statementOfClass,
  type ProfitLine,
  type Section,
} from '@gleddo/core';
import { Input, Select } from 'antd';
import type { SchemePartsProps } from './scheme-parts';

type SectionFieldsProps = SchemePartsProps & { readonly section: Section };

/** The words of a section; in profit and loss, the first subtotal that it counts in. */
export function SectionFields({ scheme, section, mayChange, onChange }: SectionFieldsProps) {
  const set = (rest: Partial<Section>) => onChange(changedSection(scheme, section.id, rest));
  return (
    <div className="field">
      <label htmlFor="section-name">Section</label>
      <Input
        id="section-name"
        disabled={!mayChange}
        value={section.name}
        maxLength={100}
        onChange={(event) => set({ name: event.target.value })}
      />
      {statementOfClass(section.class) === 'profit-and-loss' && (
        <>
          <label htmlFor="section-counts">Counts first in</label>
          <Select
            id="section-counts"
            disabled={!mayChange}
            value={countsIn(section)}
            options={PROFIT_LINES.map(({ line }) => ({
              value: line,
              label: profitLineName(scheme, line),
            }))}
            onChange={(line: ProfitLine) => set({ countsIn: line })}
          />
        </>
      )}
    </div>
  );
}
