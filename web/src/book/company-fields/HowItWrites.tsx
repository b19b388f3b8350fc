import { formatAmount, PLACES, placeOfId, shortDay, writingOf, type Company } from '@gleddo/core';
import { Select } from 'antd';
import { BY_LABEL } from '../../platform/figures/by-label';

interface HowItWritesProps {
  readonly company: Company;
  readonly disabled: boolean;
  onChange(company: Company): void;
}

const SAMPLE = 1_234_567.5;

/** An amount and a day as a place writes them. */
function sample({ currency }: Company, place: string | undefined): string {
  const writing = writingOf({ currency, place });
  const amount = formatAmount(Math.round(SAMPLE * 10 ** writing.digits), writing);
  return `${amount} · ${shortDay('2027-03-31', placeOfId(place).days)}`;
}

const ANYWHERE = '';
const NAMES = new Intl.DisplayNames('en', { type: 'region' });

/** All places by their names, after none in particular. */
const OFFERED = [
  { id: ANYWHERE, name: 'No place in particular' },
  ...PLACES.map(({ id }) => ({ id, name: NAMES.of(id) ?? id })).sort((a, b) =>
    a.name.localeCompare(b.name, 'en'),
  ),
];

/** As in which place its figures, days and lists are written and typed. */
export function HowItWrites({ company, disabled, onChange }: HowItWritesProps) {
  const { place, ...rest } = company;
  return (
    <>
      <label htmlFor="company-place">Figures and days as in</label>
      <Select
        id="company-place"
        disabled={disabled}
        showSearch={BY_LABEL}
        value={place ?? ANYWHERE}
        options={OFFERED.map(({ id, name }) => ({
          value: id,
          label: `${name}: ${sample(company, id)}`,
        }))}
        onChange={(id: string) => onChange(id === ANYWHERE ? rest : { ...rest, place: id })}
      />
    </>
  );
}
