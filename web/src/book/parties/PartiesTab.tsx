import {
  completedAssignment,
  subledgersOf,
  openingOf,
  sum,
  type Book,
  type Party,
  type PartyKind,
  quantitySaid,
  writingOf,
} from '@gleddo/core';
import { useState } from 'react';
import { useOpenBook } from '../open-book/open-book';
import { useDocumentMoney } from '../business/use-document-money';
import { TableHead } from '../../platform/figures/TableHead';
import { Refusal } from '../../platform/shell/Refusal';
import { TabFrame } from '../business/TabFrame';
import { OpeningSays } from '../business/OpeningSays';
import { PartyForm } from './PartyForm';
import { RowTools } from '../business/RowTools';
import { SeveralNames } from './SeveralNames';
import { useChange } from '../open-book/use-change';

const KINDS = ['customer', 'supplier'] as const;
const TITLES: Readonly<Record<PartyKind, string>> = {
  customer: 'Customers',
  supplier: 'Suppliers',
};

/** The lists of customers and suppliers, with their terms and what stood when the books began. */
export function PartiesTab() {
  const { book, answer } = useOpenBook();
  const [taken, setTaken] = useState<Party | null>(null);
  const { change, refused } = useChange();
  return (
    <TabFrame
      title="Customers and suppliers"
      rightTitle="When the books begin"
      right={<Openings book={book} mayChange={answer.mayChange} />}
    >
      {answer.mayChange && (
        <PartyForm
          key={taken?.id ?? 'new'}
          {...{ book, party: taken }}
          onDone={() => setTaken(null)}
        />
      )}
      <Refusal says={refused} />
      {KINDS.map((kind) => (
        <PartyTable
          key={kind}
          {...{ book, kind, mayChange: answer.mayChange, onChange: setTaken }}
          onRemove={({ id }) => change({ kind: 'remove-party', id })}
        />
      ))}
    </TabFrame>
  );
}

const Openings = ({ book, mayChange }: { book: Book; mayChange: boolean }) => (
  <>
    <OpeningSays {...openingsOf(book, 'customer')} what="customers owe" />
    <OpeningSays {...openingsOf(book, 'supplier')} what="suppliers are owed" />
    {mayChange && <SeveralNames />}
  </>
);

/** What parties of a kind owe or are owed when the books begin, and what their control account says. */
function openingsOf(book: Book, kind: PartyKind) {
  const { parties } = subledgersOf(book);
  const posting = completedAssignment(book);
  const account = kind === 'customer' ? posting.receivables : posting.payables;
  const sign = kind === 'customer' ? 1 : -1;
  return {
    book,
    account,
    listed: sum(parties.filter((each) => each.kind === kind).map(({ opening }) => opening)),
    balance: account === null ? null : sign * openingOf(book, account) || 0,
  };
}

interface PartyTableProps {
  readonly book: Book;
  readonly kind: PartyKind;
  readonly mayChange: boolean;
  onChange(party: Party): void;
  onRemove(party: Party): void;
}

function PartyTable({ book, kind, mayChange, onChange, onRemove }: PartyTableProps) {
  const money = useDocumentMoney(book);
  const parties = subledgersOf(book).parties.filter((each) => each.kind === kind);
  if (parties.length === 0) return <p className="quiet">No {TITLES[kind].toLowerCase()} yet.</p>;
  return (
    <table className="lines-table" aria-label={TITLES[kind]}>
      <TableHead names={[TITLES[kind], 'Terms']} figures={['Opening', '']} />
      <tbody>
        {parties.map((party) => (
          <tr key={party.id}>
            <td>{party.name}</td>
            <td className="quiet">{termsText(book, party)}</td>
            <td className="figure">{money(party.opening)}</td>
            <td className="figure">
              {mayChange && (
                <RowTools
                  of={party.name}
                  onChange={() => onChange(party)}
                  onRemove={() => onRemove(party)}
                />
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function termsText(book: Book, { terms }: Party): string {
  if (!terms) return '30 days net';
  const rate = quantitySaid(terms.discount, writingOf(book.company));
  const off = terms.discount === 0 ? '' : `${rate} % within ${terms.discountDays} days, `;
  return `${off}${terms.netDays} days net`;
}
