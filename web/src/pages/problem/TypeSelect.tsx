import { sectionOfType, SHIPPED_SCHEMES, typesOfSection, type Scheme } from '@gleddo/core';
import { Select } from 'antd';
import { BY_LABEL } from '../../platform/figures/by-label';

const SCHEME = SHIPPED_SCHEMES[0] as Scheme;

const TYPES = SCHEME.sections.map((section) => ({
  section: section.id,
  label: section.name,
  options: typesOfSection(SCHEME, section.id).map(({ id, name }) => ({ value: id, label: name })),
}));

/** The section of what is chosen stands first: what is put right lies near. */
function typesFrom(chosen: string | null): typeof TYPES {
  const own = sectionOfType(SCHEME, chosen)?.id;
  return own === undefined
    ? TYPES
    : [
        ...TYPES.filter(({ section }) => section === own),
        ...TYPES.filter(({ section }) => section !== own),
      ];
}

interface TypeSelectProps {
  readonly value: string | null;
  readonly label?: string;
  onChange(type: string): void;
}

/** One of all types, section by section, that of what is chosen first. */
export const TypeSelect = ({ value, label = 'Type', onChange }: TypeSelectProps) => (
  <Select
    size="small"
    aria-label={label}
    placeholder="type"
    value={value}
    showSearch={BY_LABEL}
    options={typesFrom(value)}
    popupMatchSelectWidth={false}
    onChange={onChange}
  />
);
