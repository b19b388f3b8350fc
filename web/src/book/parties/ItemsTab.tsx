import { subledgersOf, openingOf, stockCourse, sum, type Book, type Item } from '@gleddo/core';
import { useMemo, useState } from 'react';
import { useOpenBook } from '../open-book/open-book';
import { counted } from '../../platform/figures/counted';
import { useDocumentMoney } from '../business/use-document-money';
import { TableHead } from '../../platform/figures/TableHead';
import { Refusal } from '../../platform/shell/Refusal';
import { quantityText } from '../business/document-draft';
import { INVENTORY_SAYS } from '../business/inventory-says';
import { ItemForm } from './ItemForm';
import { TabFrame } from '../business/TabFrame';
import { OpeningSays } from '../business/OpeningSays';
import { RowTools } from '../business/RowTools';
import { SeveralItems } from './SeveralItems';
import { useChange } from '../open-book/use-change';

/** Things in stock: what they cost and are sold for, how many there are and what they are worth. */
export function ItemsTab() {
  const { book, answer } = useOpenBook();
  const [taken, setTaken] = useState<Item | null>(null);
  const { change, refused } = useChange();
  return (
    <TabFrame
      title="Items"
      when={counted(subledgersOf(book).items.length, 'item')}
      rightTitle="Stock"
      right={
        <>
          <Stock book={book} />
          {answer.mayChange && <SeveralItems />}
        </>
      }
    >
      {answer.mayChange && (
        <ItemForm
          key={taken?.id ?? 'new'}
          {...{ book, item: taken }}
          onDone={() => setTaken(null)}
        />
      )}
      <Refusal says={refused} />
      <ItemTable
        {...{ book, mayChange: answer.mayChange, onChange: setTaken }}
        onRemove={({ id }) => change({ kind: 'remove-item', id })}
      />
    </TabFrame>
  );
}

/** How the stock is kept, and what the list says of its beginning beside the accounts. */
function Stock({ book }: { book: Book }) {
  const { items, inventory } = subledgersOf(book);
  const accounts = [...new Set(items.flatMap(({ stockAccount }) => stockAccount ?? []))];
  return (
    <>
      <p className="quiet">{INVENTORY_SAYS[inventory]}</p>
      {accounts.map((account) => (
        <OpeningSays
          key={account}
          {...{ book, account }}
          listed={sum(
            items.filter((each) => each.stockAccount === account).map((each) => each.openingValue),
          )}
          balance={openingOf(book, account)}
          what="lies in stock when the books begin"
        />
      ))}
    </>
  );
}

interface ItemTableProps {
  readonly book: Book;
  readonly mayChange: boolean;
  onChange(item: Item): void;
  onRemove(item: Item): void;
}

function ItemTable({ book, ...tools }: ItemTableProps) {
  const subledgers = subledgersOf(book);
  const { standing } = useMemo(() => stockCourse(subledgers), [subledgers]);
  if (subledgers.items.length === 0)
    return <p className="quiet">No items yet. Goods in and out are of items.</p>;
  return (
    <table className="lines-table" aria-label="Items">
      <TableHead names={['Item']} figures={['Cost', 'Price', 'In stock', 'Worth', '']} />
      <tbody>
        {subledgers.items.map((item) => {
          const { quantity = 0, value = 0 } = standing.get(item.id) ?? {};
          return <ItemRow key={item.id} {...{ book, item, quantity, value, ...tools }} />;
        })}
      </tbody>
    </table>
  );
}

interface ItemRowProps extends ItemTableProps {
  readonly item: Item;
  readonly quantity: number;
  readonly value: number;
}

function ItemRow({ book, item, quantity, value, mayChange, onChange, onRemove }: ItemRowProps) {
  const money = useDocumentMoney(book);
  return (
    <tr>
      <td>{item.name}</td>
      <td className="figure">{item.cost === null ? '' : money(item.cost)}</td>
      <td className="figure">{item.price === null ? '' : money(item.price)}</td>
      <td className="figure">
        {quantityText(book, quantity)} {item.unit}
      </td>
      <td className="figure">{money(value)}</td>
      <td className="figure" style={{ whiteSpace: 'nowrap' }}>
        {mayChange && (
          <RowTools
            of={item.name}
            onChange={() => onChange(item)}
            onRemove={() => onRemove(item)}
          />
        )}
      </td>
    </tr>
  );
}
