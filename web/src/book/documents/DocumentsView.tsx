import { Segmented } from 'antd';
import type { ComponentType } from 'react';
import { useSearchParams } from 'react-router';
import css from '../business/business.module.css';
import { ItemsTab } from '../parties/ItemsTab';
import { OwedTab } from '../parties/OwedTab';
import { PapersTab } from './PapersTab';
import { PartiesTab } from '../parties/PartiesTab';
import { AssignmentTab } from './AssignmentTab';
import { TaxTab } from '../tax/TaxTab';
import { SchedulesTab } from '../schedules/SchedulesTab';

const LEAVES = {
  papers: { name: 'Documents', InnerTab: PapersTab },
  owed: { name: 'Who owes', InnerTab: OwedTab },
  parties: { name: 'Customers, suppliers', InnerTab: PartiesTab },
  items: { name: 'Items', InnerTab: ItemsTab },
  schedules: { name: 'Schedules', InnerTab: SchedulesTab },
  tax: { name: 'Tax', InnerTab: TaxTab },
  posting: { name: 'Accounts used', InnerTab: AssignmentTab },
} as const satisfies Record<string, { name: string; InnerTab: ComponentType }>;

type TabName = keyof typeof LEAVES;
const NAMES = Object.keys(LEAVES) as TabName[];

/** What happened, with whom and of what, and the tables that make entries. */
export function DocumentsView() {
  const [params, setParams] = useSearchParams();
  const shown = NAMES.find((each) => each === params.get('show')) ?? 'papers';
  const { InnerTab } = LEAVES[shown];
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
      <InnerTab key={shown} />
    </div>
  );
}
