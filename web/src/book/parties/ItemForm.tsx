import { blankItem, type Book, type Item } from '@gleddo/core';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { AccountChoice } from '../business/AccountChoice';
import css from '../business/business.module.css';
import {
  amountsOf,
  numberFrom,
  quantityText,
  typedAmount,
  quantitiesOf,
} from '../business/document-draft';
import { FormFoot } from '../business/FormFoot';
import { LabelledInput } from '../business/LabelledInput';
import { useChange } from '../open-book/use-change';

interface ItemFormProps {
  readonly book: Book;
  /** The one that is changed; null: a new one. */
  readonly item: Item | null;
  onDone(): void;
}

const FIGURES = ['price', 'cost', 'openingQuantity', 'openingValue'] as const;
const ACCOUNTS = [
  ['incomeAccount', 'Income on'],
  ['costAccount', 'Cost on'],
  ['stockAccount', 'Stock on'],
] as const;
type Words = 'name' | 'unit' | (typeof FIGURES)[number];
type Typed = Readonly<Record<Words, string>> &
  Readonly<Record<(typeof ACCOUNTS)[number][0], string | null>>;

const typedOf = (book: Book, item: Item): Typed => ({
  name: item.name,
  unit: item.unit,
  price: typedAmount(book, item.price ?? 0),
  cost: typedAmount(book, item.cost ?? 0),
  openingQuantity: item.openingQuantity === 0 ? '' : quantityText(book, item.openingQuantity),
  openingValue: typedAmount(book, item.openingValue),
  incomeAccount: item.incomeAccount,
  costAccount: item.costAccount,
  stockAccount: item.stockAccount,
});

/** The item that is typed, or why it is none. */
function itemFrom(book: Book, typed: Typed, id: string): Item | string {
  const read = Object.fromEntries(
    FIGURES.map((name) => [
      name,
      numberFrom(typed[name], name === 'openingQuantity' ? quantitiesOf(book) : amountsOf(book)),
    ]),
  ) as Record<(typeof FIGURES)[number], number | null | string>;
  for (const each of Object.values(read)) if (typeof each === 'string') return each;
  const { name, unit, incomeAccount, costAccount, stockAccount } = typed;
  return {
    ...{ id, name: name.trim(), unit: unit.trim(), incomeAccount, costAccount, stockAccount },
    price: read.price as number | null,
    cost: read.cost as number | null,
    openingQuantity: (read.openingQuantity as number | null) ?? 0,
    openingValue: (read.openingValue as number | null) ?? 0,
  };
}

/** What is typed of an item, and its being kept; the next one begins with the same accounts. */
function useTypedItem({ book, item, onDone }: ItemFormProps) {
  const [typed, setTyped] = useState(() => typedOf(book, item ?? blankItem(book)));
  const { change, refused } = useChange();
  const set = (rest: Partial<Typed>) => setTyped((now) => ({ ...now, ...rest }));
  const save = () => {
    const made = itemFrom(book, typed, item?.id ?? `i-${nanoid(10)}`);
    if (!change(typeof made === 'string' ? made : { kind: 'put-item', item: made })) return;
    const accounts = Object.fromEntries(ACCOUNTS.map(([name]) => [name, typed[name]]));
    setTyped({ ...typedOf(book, blankItem(book)), ...accounts });
    onDone();
  };
  return { typed, set, save, refused };
}

const FIELDS = [
  ['name', 'Name', true],
  ['unit', 'Counted in', true],
  ['cost', 'Cost of one', false],
  ['price', 'Price of one', false],
  ['openingQuantity', 'In stock at first', false],
  ['openingValue', 'worth', false],
] as const;

/** A thing in stock: what it costs and is sold for, and the accounts that it moves. */
export function ItemForm(props: ItemFormProps) {
  const { book, item, onDone } = props;
  const { typed, set, save, refused } = useTypedItem(props);
  return (
    <form
      className={css['form']}
      aria-label={item ? 'Change an item' : 'New item'}
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      {FIELDS.map(([name, label, wide]) => (
        <LabelledInput
          key={name}
          {...{ label, wide, value: typed[name] }}
          onType={(value) => set({ [name]: value })}
        />
      ))}
      {ACCOUNTS.map(([name, label]) => (
        <AccountChoice
          key={name}
          {...{ book, label, value: typed[name] }}
          onChange={(account) => set({ [name]: account })}
        />
      ))}
      <FormFoot isChange={item !== null} refused={refused} onLeave={onDone} />
    </form>
  );
}
