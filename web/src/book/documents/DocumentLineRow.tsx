import { subledgersOf, KIND_FACTS, lineWorth, type Book, type DocumentKind } from '@gleddo/core';
import { Input } from 'antd';
import { memo, useMemo } from 'react';
import { accountOptions } from '../journal/account-options';
import { BY_LABEL } from '../../platform/figures/by-label';
import { QuickSelect } from '../../platform/figures/QuickSelect';
import { moneyWith } from '../../platform/figures/money';
import css from '../business/business.module.css';
import {
  amountsOf,
  lineOf,
  numberFrom,
  type LineDraft,
  quantitiesOf,
} from '../business/document-draft';
import entryStyles from '../journal/entry.module.css';

interface DocumentLineRowProps {
  readonly book: Book;
  readonly kind: DocumentKind;
  readonly line: LineDraft;
  readonly at: number;
  change(at: number, rest: Partial<LineDraft>): void;
}

interface Choice {
  readonly value?: string;
  readonly label: string;
  readonly options?: readonly Choice[];
}

/** What a line can be of: items, accounts, or both, each among its own. */
function choices(book: Book, kind: DocumentKind, chosen: string): Choice[] {
  const { lines } = KIND_FACTS[kind];
  const items = subledgersOf(book).items.map(({ id, name }) => ({
    value: `item:${id}`,
    label: name,
  }));
  const accounts = accountOptions(book, chosen).map(({ value, label }) => ({
    value: `account:${value}`,
    label,
  }));
  if (lines === 'items') return items;
  if (lines === 'accounts') return accounts;
  return [
    { label: 'Items', options: items },
    { label: 'Accounts', options: accounts },
  ].filter(({ options }) => options.length > 0);
}

/** One line of a document: so many of an item at a price, or an amount on an account. */
export const DocumentLineRow = memo(function DocumentLineRow(props: DocumentLineRowProps) {
  const { book, kind, line, at, change } = props;
  const isItem = line.of.startsWith('item:') || KIND_FACTS[kind].lines === 'items';
  const field = (name: 'quantity' | 'price' | 'amount', label: string) => (
    <Input
      aria-label={`${label} of line ${at + 1}`}
      placeholder={label}
      value={line[name]}
      onChange={(event) => change(at, { [name]: event.target.value })}
    />
  );
  const isTaxed = hasTax(book, kind);
  return (
    <div
      className={`${entryStyles['line']} ${css['line'] ?? ''} ${isTaxed ? (css['with-tax'] ?? '') : ''}`}
    >
      <OfField {...props} />
      {isItem ? field('quantity', 'How many') : <span />}
      {isItem ? (
        KIND_FACTS[kind].priced ? (
          field('price', 'Price')
        ) : (
          <span />
        )
      ) : (
        field('amount', 'Amount')
      )}
      {isTaxed && <TaxField {...{ book, line, at, change }} />}
      <Worth book={book} line={line} />
    </div>
  );
});

function OfField({ book, kind, line, at, change }: DocumentLineRowProps) {
  const options = useMemo(() => choices(book, kind, line.of), [book, kind, line.of]);
  return (
    <QuickSelect
      className={css['of'] ?? ''}
      aria-label={`What line ${at + 1} is of`}
      placeholder={KIND_FACTS[kind].lines === 'items' ? 'Item' : 'Item or account'}
      value={line.of === '' ? null : line.of}
      options={options}
      showSearch={BY_LABEL}
      notFoundContent="Nothing of that name. Items are set up under Items."
      onChange={(of: string | null) => change(at, lineOf(book, kind, of ?? ''))}
    />
  );
}

/** Whether lines of a kind of document can have a tax in a book. */
export const hasTax = (book: Book, kind: DocumentKind): boolean =>
  KIND_FACTS[kind].taxed !== 'none' && subledgersOf(book).taxes.length > 0;

type TaxFieldProps = Omit<DocumentLineRowProps, 'kind'>;

const TaxField = ({ book, line, at, change }: TaxFieldProps) => (
  <QuickSelect
    aria-label={`Tax of line ${at + 1}`}
    placeholder="No tax"
    allowClear
    value={line.taxCode || null}
    options={subledgersOf(book).taxes.map(({ code }) => ({ value: code, label: code }))}
    showSearch={BY_LABEL}
    onChange={(code?: string | null) => change(at, { taxCode: code ?? '' })}
  />
);

/** So many times the price, as it comes out. */
function Worth({ book, line }: Pick<DocumentLineRowProps, 'book' | 'line'>) {
  const quantity = numberFrom(line.quantity, quantitiesOf(book));
  const price = numberFrom(line.price, amountsOf(book));
  if (typeof quantity !== 'number' || typeof price !== 'number') return <span />;
  const worth = lineWorth({ item: '', account: null, amount: null, quantity, price });
  return <span className={`figure ${css['worth'] ?? ''}`}>{moneyWith(book, [worth])(worth)}</span>;
}
