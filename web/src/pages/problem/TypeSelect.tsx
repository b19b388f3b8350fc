import { SHIPPED_SCHEMES, typesOfSection, type Scheme } from '@gleddo/core';
import { Select } from 'antd';
import { BY_LABEL } from '../../platform/figures/by-label';

const SCHEME = SHIPPED_SCHEMES[0] as Scheme;

const TYPES = SCHEME.sections.map((section) => ({
  label: section.name,
  options: typesOfSection(SCHEME, section.id).map(({ id, name }) => ({ value: id, label: name })),
}));

interface TypeSelectProps {
  readonly value: string | null;
  readonly label?: string;
  onChange(type: string): void;
}

/** One of all types, section by section. */
export const TypeSelect = ({ value, label = 'Type', onChange }: TypeSelectProps) => (
  <Select
    size="small"
    aria-label={label}
    placeholder="type"
    value={value}
    showSearch={BY_LABEL}
    options={TYPES}
    popupMatchSelectWidth={false}
    onChange={onChange}
  />
);
