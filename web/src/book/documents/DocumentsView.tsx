import { Segmented } from 'antd';
import type { ComponentType } from 'react';
import { useSearchParams } from 'react-router';
import css from '../business/dealings.module.css';
import { ItemsLeaf } from '../parties/ItemsLeaf';
import { OwedLeaf } from '../parties/OwedLeaf';
import { PapersLeaf } from './PapersLeaf';
import { PartiesLeaf } from '../parties/PartiesLeaf';
import { PostingLeaf } from './PostingLeaf';
import { SchedulesLeaf } from '../schedules/SchedulesLeaf';

const LEAVES = {
  papers: { name: 'Documents', Leaf: PapersLeaf },
  owed: { name: 'Who owes', Leaf: OwedLeaf },
  parties: { name: 'Customers, suppliers', Leaf: PartiesLeaf },
  items: { name: 'Items', Leaf: ItemsLeaf },
  schedules: { name: 'Schedules', Leaf: SchedulesLeaf },
  posting: { name: 'Accounts used', Leaf: PostingLeaf },
} as const satisfies Record<string, { name: string; Leaf: ComponentType }>;

type LeafName = keyof typeof LEAVES;
const NAMES = Object.keys(LEAVES) as LeafName[];

/** What happened, with whom and of what, and the tables that make entries. */
export function DocumentsView() {
  const [params, setParams] = useSearchParams();
  const shown = NAMES.find((each) => each === params.get('show')) ?? 'papers';
  const { Leaf } = LEAVES[shown];
  return (
    <div className="book-desk">
      <div className={css['leaves']}>
        <Segmented
          aria-label="What to look at"
          value={shown}
          options={NAMES.map((value) => ({ value, label: LEAVES[value].name }))}
          onChange={(value) => setParams({ show: value })}
        />
      </div>
      <Leaf key={shown} />
    </div>
  );
}
