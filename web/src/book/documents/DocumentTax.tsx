import { subledgersOf, taxesOf, worthOfDocument, type Book, type Document } from '@gleddo/core';
import { Checkbox } from 'antd';
import { moneyWith } from '../../platform/figures/money';
import css from '../business/business.module.css';
import { documentFrom, type DocumentDraft, type DraftChange } from '../business/document-draft';

interface DocumentTaxProps {
  readonly book: Book;
  readonly draft: DocumentDraft;
  onChange(change: DraftChange): void;
}

/** Whether prices hold their tax, and what the document comes to with it. */
export function DocumentTax({ book, draft, onChange }: DocumentTaxProps) {
  const document = documentFrom(book, draft);
  return (
    <div className={css['taxes']}>
      <Checkbox
        checked={draft.pricesIncludeTax}
        onChange={({ target }) => onChange((now) => ({ ...now, pricesIncludeTax: target.checked }))}
      >
        Prices hold the tax
      </Checkbox>
      <span className="quiet" role="status">
        {typeof document === 'string' ? '' : comesTo(book, document)}
      </span>
    </div>
  );
}

/** *Net 60.00, S20 12.00, together 72.00*; nothing where no line has a tax. */
function comesTo(book: Book, document: Document): string {
  const subledgers = subledgersOf(book);
  const taxes = taxesOf(document, subledgers);
  if (taxes.length === 0) return '';
  const worth = worthOfDocument(document, subledgers);
  const net = taxes.reduce((left, { tax }) => left - tax, worth);
  const money = moneyWith(book, [net, worth, ...taxes.map(({ tax }) => tax)]);
  const each = taxes.flatMap(({ rule, tax }) => (tax === 0 ? [] : [`${rule.code} ${money(tax)}`]));
  return [`Net ${money(net)}`, ...each, `together ${money(worth)}`].join(', ');
}
