import {
  capacityOf,
  faultsOfPlan,
  planNotices,
  typesOfSection,
  type AccountType,
  type Band,
  type Book,
  type NumberPlan,
  type Section,
} from '@gleddo/core';
import { Button, Input, InputNumber, Select } from 'antd';
import type { ReactNode } from 'react';
import { Refusal } from '../../platform/shell/Refusal';
import { BandRuler } from './BandRuler';
import { BY_LABEL } from '../../platform/figures/by-label';
import styles from './numbers.module.css';

interface PlanEditorProps {
  readonly book: Book;
  readonly plan: NumberPlan;
  onChange(plan: NumberPlan): void;
}

/** A number plan being written: faults and what is left out are said as one writes, the rulers follow. */
export function PlanEditor({ book, plan, onChange }: PlanEditorProps) {
  const faults = faultsOfPlan(plan);
  const notices = faults.length === 0 ? planNotices(plan, book.scheme) : [];
  return (
    <div className={styles['plan-editor']}>
      <PlanParticulars plan={plan} onChange={onChange} />
      <table className="lines-table">
        <thead>
          <tr>
            <th>Band for</th>
            <th>from</th>
            <th>to</th>
            <th>Where numbers are taken now</th>
            <th className="figure">used</th>
            <th className="figure">free</th>
            <th className="figure">longest run</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {book.scheme.sections.map((section) => (
            <SectionBands key={section.id} {...{ book, plan, section, onChange }} />
          ))}
        </tbody>
      </table>
      <Refusal says={faults.map(({ says }) => says)} />
      {notices.map((notice) => (
        <p key={notice.says} className="notice" role="status">
          {notice.says}
        </p>
      ))}
    </div>
  );
}

const CHARACTERS = [
  { value: 'digits', label: 'Digits' },
  { value: 'letters-and-digits', label: 'Letters and digits' },
] as const;

const COUNTS = [
  { name: 'length', label: 'How long', most: 15 },
  { name: 'step', label: 'Neighbours by', most: 1_000_000 },
  { name: 'childStep', label: 'Children by', most: 1_000_000 },
] as const;

function PlanParticulars({ plan, onChange }: Omit<PlanEditorProps, 'book'>) {
  return (
    <div className={styles['row']}>
      <label>
        Name{' '}
        <Input
          size="small"
          style={{ width: '10rem' }}
          value={plan.name}
          maxLength={80}
          onChange={(event) => onChange({ ...plan, name: event.target.value })}
        />
      </label>
      <Select
        size="small"
        aria-label="Characters"
        style={{ width: '9.125rem' }}
        value={plan.characters}
        options={[...CHARACTERS]}
        onChange={(characters: NumberPlan['characters']) => onChange({ ...plan, characters })}
      />
      {COUNTS.map(({ name, label, most }) => (
        <label key={name}>
          {label}{' '}
          <InputNumber
            size="small"
            min={1}
            max={most}
            precision={0}
            style={{ width: '4.625rem' }}
            value={plan[name]}
            onChange={(value) => onChange({ ...plan, [name]: value ?? 1 })}
          />
        </label>
      ))}
    </div>
  );
}

type SectionBandsProps = PlanEditorProps & { readonly section: Section };

function SectionBands({ book, plan, section, onChange }: SectionBandsProps) {
  const types = typesOfSection(book.scheme, section.id);
  const nested = types.filter((type) => plan.bands.some((band) => band.type === type.id));
  const others = types.filter((type) => !nested.includes(type));
  const bandOf = (of: BandOf): Band =>
    plan.bands.find((band) => isOf(band, of)) ?? { ...of, from: '', to: '' };
  const setBand = (of: BandOf, next: Band | null) => {
    const rest = plan.bands.filter((band) => !isOf(band, of));
    onChange({ ...plan, bands: next ? [...rest, next] : rest });
  };
  const own: BandOf = { section: section.id };
  const mayAdd = others.length > 0 && !isEmpty(bandOf(own));
  return (
    <>
      <BandRow
        {...{ book, name: section.name, isNested: false, band: bandOf(own) }}
        onSet={(band) => setBand(own, isEmpty(band) ? null : band)}
        end={
          mayAdd && (
            <AddBand
              section={section}
              types={others}
              onAdd={(type) => setBand({ type }, { type, from: '', to: '' })}
            />
          )
        }
      />
      {nested.map(({ id: type, name }) => (
        <BandRow
          key={type}
          {...{ book, name, isNested: true, band: bandOf({ type }) }}
          onSet={(band) => setBand({ type }, band)}
          end={<TakeOut name={name} onTakeOut={() => setBand({ type }, null)} />}
        />
      ))}
    </>
  );
}

function TakeOut({ name, onTakeOut }: { name: string; onTakeOut(): void }) {
  return (
    <Button size="small" aria-label={`Take the band of ${name} out`} onClick={onTakeOut}>
      Take out
    </Button>
  );
}

interface AddBandProps {
  readonly section: Section;
  readonly types: readonly AccountType[];
  onAdd(type: string): void;
}

function AddBand({ section, types, onAdd }: AddBandProps) {
  return (
    <Select
      size="small"
      variant="borderless"
      aria-label={`A band of its own for a type in ${section.name}`}
      placeholder={<span className="quiet">and one for a type …</span>}
      showSearch={BY_LABEL}
      style={{ width: '11.875rem' }}
      value={null}
      options={types.map((type) => ({ value: type.id, label: type.name }))}
      onChange={(type: string | null) => type !== null && onAdd(type)}
    />
  );
}

type BandOf = { readonly section: string } | { readonly type: string };

const isOf = (band: Band, of: BandOf): boolean =>
  'type' in of ? band.type === of.type : band.type === undefined && band.section === of.section;

const isEmpty = (band: Band): boolean => band.from === '' && band.to === '';

interface BandRowProps {
  readonly book: Book;
  readonly name: string;
  readonly isNested: boolean;
  readonly band: Band;
  /** What can be done at the end of the row. */
  readonly end: ReactNode;
  onSet(band: Band): void;
}

function BandRow({ book, name, isNested, band, end: tools, onSet }: BandRowProps) {
  const whole = band.from !== '' && band.to !== '';
  const room = whole ? capacityOf(book, band) : null;
  return (
    <tr>
      <td style={isNested ? { paddingInlineStart: 16 } : {}}>{name}</td>
      {(['from', 'to'] as const).map((end) => (
        <td key={end}>
          <Input
            size="small"
            aria-label={`${name}, ${end}`}
            style={{ width: '5.25rem' }}
            value={band[end]}
            maxLength={15}
            onChange={(event) => onSet({ ...band, [end]: event.target.value })}
          />
        </td>
      ))}
      <td>{whole && <BandRuler book={book} band={band} />}</td>
      {(['used', 'free', 'longestRun'] as const).map((name) => (
        <td key={name} className="figure">
          {room?.[name]}
        </td>
      ))}
      <td style={{ width: '12.5rem', paddingInlineStart: '0.875rem' }}>{tools}</td>
    </tr>
  );
}
