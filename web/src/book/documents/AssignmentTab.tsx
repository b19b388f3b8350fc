import {
  accountOf,
  completedAssignment,
  subledgersOf,
  POSTING_NAMES,
  settingUp,
  type Book,
  type InventorySystem,
  type AccountAssignment,
  type AssignmentPurpose,
} from '@gleddo/core';
import { Segmented, Select } from 'antd';
import { useOpenBook } from '../open-book/open-book';
import { accountOptions, SEARCH } from '../journal/account-options';
import { Refusal } from '../../platform/shell/Refusal';
import { INVENTORY_SAYS } from '../business/inventory-says';
import { TabFrame } from '../business/TabFrame';
import { useChange } from '../open-book/use-change';

const PURPOSES = Object.entries(POSTING_NAMES) as [AssignmentPurpose, string][];

/** Which accounts stand for what when documents make their entries, and how the stock is kept. */
export function AssignmentTab() {
  const { book } = useOpenBook();
  const { change, refused } = useChange();
  const { posting, inventory } = subledgersOf(book);
  const keep = (chosen: AccountAssignment, system: InventorySystem = inventory) =>
    void change({ kind: 'change-posting', posting: chosen, inventory: system });
  return (
    <TabFrame
      title="Accounts that documents use"
      rightTitle="How the stock is kept"
      right={<Inventory onChange={(system) => keep(posting, system)} />}
    >
      <p className="quiet">
        Where none is chosen yet, the one that the chart proposes is taken with the first document.
      </p>
      {PURPOSES.map(([purpose, name]) => (
        <Purpose
          key={purpose}
          {...{ book, purpose, name }}
          onChange={(account) => keep({ ...posting, [purpose]: account })}
          onSetUp={() => change(settingUp(book, purpose))}
        />
      ))}
      <Refusal says={refused} />
    </TabFrame>
  );
}

interface PurposeProps {
  readonly book: Book;
  readonly purpose: AssignmentPurpose;
  readonly name: string;
  onChange(account: string): void;
  onSetUp(): void;
}

function Purpose({ book, purpose, name, onChange, onSetUp }: PurposeProps) {
  const { answer } = useOpenBook();
  const chosen = subledgersOf(book).posting[purpose];
  const proposed = accountOf(book, completedAssignment(book)[purpose]);
  return (
    <div className="field">
      <label htmlFor={`posting-${purpose}`}>{name}</label>
      <Select
        id={`posting-${purpose}`}
        disabled={!answer.mayChange}
        showSearch={SEARCH}
        value={chosen}
        placeholder={proposed ? `${proposed.name} (proposed)` : 'none'}
        options={accountOptions(book, chosen ?? '')}
        onChange={onChange}
      />
      {answer.mayChange && chosen === null && !proposed && (
        <button type="button" className="link-button second" onClick={onSetUp}>
          Set up an account for it
        </button>
      )}
    </div>
  );
}

const SYSTEMS: { value: InventorySystem; label: string }[] = [
  { value: 'perpetual', label: 'Perpetual' },
  { value: 'periodic', label: 'Periodic' },
];

function Inventory({ onChange }: { onChange(system: InventorySystem): void }) {
  const { book, answer } = useOpenBook();
  const { inventory } = subledgersOf(book);
  return (
    <>
      <Segmented
        aria-label="Inventory system"
        disabled={!answer.mayChange}
        value={inventory}
        options={SYSTEMS}
        onChange={onChange}
      />
      <p>{INVENTORY_SAYS[inventory]}</p>
    </>
  );
}
