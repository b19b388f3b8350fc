import { NOT_PLACED, typesOfSection, type ListUse, type ListWanted } from '@gleddo/core';
import { Input, Select } from 'antd';
import { useChartState } from '../chart-state/chart-state';
import type { ChartList } from '../chart-state/use-list';
import { BY_LABEL } from '../../platform/figures/by-label';
import styles from './list.module.css';

const USES: readonly { value: ListUse | ''; label: string }[] = [
  { value: 'in-use', label: 'In use' },
  { value: 'retired', label: 'Retired' },
  { value: 'posted', label: 'With amounts' },
  { value: 'not-posted', label: 'Without amounts' },
  { value: '', label: 'All of them' },
];

const ORIGINS = [
  { value: '', label: 'Given or not' },
  { value: 'given', label: 'Given' },
  { value: 'changed', label: 'Changed' },
  { value: 'added', label: 'Added' },
];

/** What the list leaves out: by words, section, type, use, and where an account comes from. */
export function ListFilters({ list }: { list: ChartList }) {
  const { book } = useChartState();
  const { wanted, want, accounts } = list;
  return (
    <div className={styles['filters']}>
      <Input
        aria-label="Words to look for"
        placeholder="Number, name, former name or type"
        style={{ width: '17.5rem' }}
        allowClear
        value={wanted.text}
        onChange={(event) => want({ text: event.target.value })}
      />
      <PlaceFilters list={list} />
      <UseFilters list={list} />
      <span className={`quiet ${styles['count']}`} role="status">
        {accounts.length} of {book.accounts.length}
      </span>
    </div>
  );
}

function PlaceFilters({ list: { wanted, want } }: { list: ChartList }) {
  const { scheme } = useChartState().book;
  const types = wanted.section === null ? scheme.types : typesOfSection(scheme, wanted.section);
  return (
    <>
      <Select
        aria-label="Section"
        style={{ width: '11.875rem' }}
        value={wanted.section ?? ''}
        options={[
          { value: '', label: 'All sections' },
          ...scheme.sections.map(({ id, name }) => ({ value: id, label: name })),
          { value: NOT_PLACED, label: 'Not placed' },
        ]}
        onChange={(section: string) => want({ section: section || null, type: null })}
      />
      <Select
        aria-label="Type"
        style={{ width: '11.875rem' }}
        showSearch={BY_LABEL}
        value={wanted.type ?? ''}
        options={[
          { value: '', label: 'All types' },
          ...types.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChange={(type: string) => want({ type: type || null })}
      />
    </>
  );
}

function UseFilters({ list: { wanted, want } }: { list: ChartList }) {
  const { origins } = useChartState();
  return (
    <>
      <Select
        aria-label="Use"
        style={{ width: '9.375rem' }}
        value={wanted.use ?? ''}
        options={[...USES]}
        onChange={(use: ListUse | '') => want({ use: use === '' ? null : use })}
      />
      {origins && (
        <Select
          aria-label="Where it comes from"
          style={{ width: '8.125rem' }}
          value={wanted.origin ?? ''}
          options={ORIGINS}
          onChange={(origin: string) => want({ origin: (origin || null) as ListWanted['origin'] })}
        />
      )}
    </>
  );
}
