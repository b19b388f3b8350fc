import { NO_TAX_LISTS, type TaxItem, type TaxListName, type TaxLists } from '@gleddo/core';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useBookStore, useOpenBook } from '../open-book/open-book';
import { useKept } from '../../platform/kept/use-kept';
import { Refusal } from '../../platform/shell/Refusal';
import styles from './profile.module.css';

const TEXTS: Readonly<Record<TaxListName, { title: string; says: string; example: TaxItem }>> = {
  lines: {
    title: 'Lines of the tax return',
    says: 'Into which line of the return an account goes.',
    example: { id: '4.2', name: 'Sales and fees' },
  },
  codes: {
    title: 'Tax codes',
    says: 'With which tax an account is usually entered.',
    example: { id: 'S20', name: 'Standard rate' },
  },
};

const TAX_LISTS = Object.keys(NO_TAX_LISTS) as TaxListName[];

/** The lists as they are being changed, until they are saved or left as they were. */
function useTaxDraft(bookId: string) {
  const store = useBookStore();
  const { book } = useOpenBook();
  const [draft, setDraft, dropDraft] = useKept<TaxLists | null>(`taxes.${bookId}`, null);
  const [refused, setRefused] = useState<readonly string[]>([]);
  const lists = draft ?? book.taxLists;
  const set = (name: TaxListName, items: readonly TaxItem[]) =>
    setDraft({ ...lists, [name]: items });
  const keep = () => {
    const { refusals } = store.change({ kind: 'change-tax-lists', taxLists: lists });
    setRefused(refusals.map((each) => each.says));
    if (refusals.length === 0) dropDraft();
  };
  const leave = () => {
    dropDraft();
    setRefused([]);
  };
  return { draft, lists, set, keep, leave, refused };
}

/** The lists from which tax lines and tax codes are given to accounts. */
export function TaxListsCard({ bookId }: { bookId: string }) {
  const { mayChange } = useOpenBook().answer;
  const { draft, lists, set, keep, leave, refused } = useTaxDraft(bookId);
  return (
    <section className="paper" aria-label="Tax lists">
      <h2>Tax lists</h2>
      <p className="quiet">
        What stands here can be given to each account on its slip, and is printed on sheets.
      </p>
      <div className="columns">
        {TAX_LISTS.map((name) => (
          <TaxList
            key={name}
            name={name}
            items={lists[name]}
            mayChange={mayChange}
            onChange={(items) => set(name, items)}
          />
        ))}
      </div>
      <Refusal says={refused} />
      {draft && (
        <div className="slip-actions">
          <Button onClick={leave}>Leave them as they were</Button>
          <Button type="primary" onClick={keep}>
            Save the lists
          </Button>
        </div>
      )}
    </section>
  );
}

interface TaxListProps {
  readonly name: TaxListName;
  readonly items: readonly TaxItem[];
  readonly mayChange: boolean;
  onChange(items: readonly TaxItem[]): void;
}

function TaxList({ name, items, mayChange, onChange }: TaxListProps) {
  const { title, says, example } = TEXTS[name];
  return (
    <div>
      <h3>{title}</h3>
      <p className="quiet">{says}</p>
      {items.map((item, i) => (
        <div key={i} className={styles['tax-item']}>
          <TaxFields
            {...{ title, at: i, item, example, mayChange }}
            onPut={(next) => onChange(items.map((each, at) => (at === i ? next : each)))}
          />
          {mayChange && (
            <Button
              size="small"
              aria-label={`Take ${item.name || 'it'} off`}
              onClick={() => onChange(items.filter((_, at) => at !== i))}
            >
              Take off
            </Button>
          )}
        </div>
      ))}
      {mayChange && (
        <Button size="small" onClick={() => onChange([...items, { id: '', name: '' }])}>
          Add a line
        </Button>
      )}
    </div>
  );
}

interface TaxFieldsProps {
  readonly title: string;
  readonly at: number;
  readonly item: TaxItem;
  readonly example: TaxItem;
  readonly mayChange: boolean;
  onPut(item: TaxItem): void;
}

function TaxFields({ title, at, item, example, mayChange, onPut }: TaxFieldsProps) {
  return (
    <>
      <Input
        size="small"
        aria-label={`${title}, code ${at + 1}`}
        disabled={!mayChange}
        value={item.id}
        maxLength={20}
        placeholder={example.id}
        onChange={(event) => onPut({ ...item, id: event.target.value })}
      />
      <Input
        size="small"
        aria-label={`${title}, name ${at + 1}`}
        disabled={!mayChange}
        value={item.name}
        maxLength={120}
        placeholder={example.name}
        onChange={(event) => onPut({ ...item, name: event.target.value })}
      />
    </>
  );
}
