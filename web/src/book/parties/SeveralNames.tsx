import { partiesInTable, type Party, type PartyKind, type Book } from '@gleddo/core';
import { Segmented } from 'antd';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useOpenBook } from '../open-book/open-book';
import { quantityText } from '../business/document-draft';
import { SeveralAtOnce } from '../files/SeveralAtOnce';
import { exactMoney } from '../../platform/figures/money';

const KINDS: { value: PartyKind; label: string }[] = [
  { value: 'customer', label: 'Customers' },
  { value: 'supplier', label: 'Suppliers' },
];

const NOUNS = {
  customer: ['customer', 'customers'],
  supplier: ['supplier', 'suppliers'],
} as const;

const newId = () => `p-${nanoid(10)}`;

function termsSaid(book: Book, { terms }: Party): string {
  if (!terms) return '';
  const { discount, discountDays, netDays } = terms;
  const off = discount > 0 ? `${quantityText(book, discount)} % within ${discountDays} days, ` : '';
  return `${off}net ${netDays} days`;
}

/** Several customers or suppliers in one step, one a line. */
export function SeveralNames() {
  const { book } = useOpenBook();
  const money = exactMoney(book);
  const [kind, setKind] = useState<PartyKind>('customer');
  return (
    <SeveralAtOnce<Party>
      name="parties"
      noun={NOUNS[kind]}
      says="As copied from a spreadsheet, one name a line; beside it what is owed when the books begin. Or with headings: name, opening balance, discount, discount days, net days."
      read={(cells) => partiesInTable(book, cells, { kind, newId })}
      put={(party) => ({ kind: 'put-party', party })}
      understood={(party) =>
        [party.opening === 0 ? '' : money(party.opening), termsSaid(book, party)]
          .filter(Boolean)
          .join(', ')
      }
    >
      <Segmented aria-label="What they are" value={kind} options={KINDS} onChange={setKind} />
    </SeveralAtOnce>
  );
}
