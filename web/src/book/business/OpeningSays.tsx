import { accountLabel, accountOf, type Amount, type Book } from '@gleddo/core';
import { useDocumentMoney } from './use-document-money';

interface OpeningSaysProps {
  readonly book: Book;
  /** The sum of what the list says. */
  readonly listed: Amount;
  /** The account that must say the same; null while none is chosen. */
  readonly account: string | null;
  readonly balance: Amount | null;
  readonly what: string;
}

/** What a list says when the books begin, beside the opening balance of its account. */
export function OpeningSays({ book, listed, account, balance, what }: OpeningSaysProps) {
  const money = useDocumentMoney(book);
  const found = accountOf(book, account);
  if (!found || balance === null)
    return listed === 0 ? null : (
      <p className="quiet">
        {money(listed)} is what {what}. No account is chosen for it yet.
      </p>
    );
  if (listed === 0 && balance === 0) return null;
  const difference = balance - listed;
  return (
    <p role="status" className={difference === 0 ? '' : 'notice'}>
      {difference === 0
        ? `✓ ${money(listed)} is what ${what}, as “${accountLabel(found)}” opens.`
        : `${money(listed)} is what ${what}; “${accountLabel(found)}” opens at ${money(balance)}: ${money(Math.abs(difference))} ${difference > 0 ? 'is nobody’s yet' : 'too much is listed'}.`}
    </p>
  );
}
