import { itemsInTable, type Item } from '@gleddo/core';
import { nanoid } from 'nanoid';
import { useOpenBook } from '../open-book/open-book';
import { quantityText } from '../business/document-draft';
import { SeveralAtOnce } from '../files/SeveralAtOnce';
import { exactMoney } from '../../platform/figures/money';

const newId = () => `i-${nanoid(10)}`;

/** Several items in one step, one a line. */
export function SeveralItems() {
  const { book } = useOpenBook();
  const money = exactMoney(book);
  const figure = (name: string, amount: number | null) =>
    amount === null ? [] : [`${name} ${money(amount)}`];
  const stock = ({ openingQuantity: quantity, openingValue, unit }: Item) =>
    quantity === 0 ? [] : [`${quantityText(book, quantity)} ${unit} worth ${money(openingValue)}`];
  return (
    <SeveralAtOnce<Item>
      name="items"
      noun={['item', 'items']}
      says="As copied from a spreadsheet, one item a line: name, what it is counted in, cost, price, quantity and worth when the books begin. With headings, in any order."
      read={(cells) => itemsInTable(book, cells, { newId })}
      put={(item) => ({ kind: 'put-item', item })}
      understood={(item) =>
        [...figure('cost', item.cost), ...figure('price', item.price), ...stock(item)].join(', ')
      }
    />
  );
}
