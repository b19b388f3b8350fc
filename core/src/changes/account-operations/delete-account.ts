import { accountLabel, type Account, type Book } from '../../model/book/book.js';
import { childrenOf } from '../../model/book/place.js';
import { accountsNamed } from '../../accounting/document/accounts-named.js';
import { done, refusal, refused, type Refusal } from '../../model/refusal/refusal.js';
import { wanted, withAccounts } from './account-changes.js';
import { isUsed } from '../../model/book/used.js';
import { type Change, noNotices } from '../operation/operation.js';
import type { Operation } from '../../model/shapes/operation.js';
import { reservedRefusals } from './retire-account.js';

const deletedInUse = refusal(
  'account.in-use',
  (f: { name: string }) =>
    `“${f.name}” has entries or an opening balance, so it can’t be deleted. Retire it: it takes no new entries, and its past stays.`,
);
const deletedNamed = refusal(
  'account.named',
  (f: { name: string }) =>
    `“${f.name}” is named by a party, an item, a document, a schedule, or among the accounts that documents use. Choose another account there first.`,
);
const deletedParent = refusal(
  'account.has-children',
  (f: { name: string; children: readonly string[] }) =>
    f.children.length === 1
      ? `${f.children.join()} stands under “${f.name}”. Say what becomes of it: lift it one level, or delete it first.`
      : `${f.children.join(', ')} stand under “${f.name}”. Say what becomes of them: lift them one level, or delete them first.`,
);

/** Deletes an account that nothing stands on. Its children are lifted, or the deletion is refused. */
export const deleteAccount: Change<'delete-account'> = {
  apply(book, operation) {
    const found = wanted(book, operation.id);
    if (!found.ok) return found;
    const account = found.value;
    const children = childrenOf(book, account.id);
    const refusals = refusalsFor(book, account, operation.children === 'lift' ? [] : children);
    if (refusals.length > 0) return refused(...refusals);
    const accounts = book.accounts
      .filter((each) => each.id !== account.id)
      .map((each) => (each.parent === account.id ? { ...each, parent: account.parent } : each));
    return done({
      book: withAccounts(book, accounts),
      inverse: bringBack(book, account, children),
      notices: noNotices,
    });
  },
};

function refusalsFor(book: Book, account: Account, orphans: readonly Account[]): Refusal[] {
  const name = accountLabel(account);
  const refusals = reservedRefusals(book, account);
  if (isUsed(book, account.id)) refusals.push(deletedInUse({ name }, 'id'));
  if (accountsNamed(book).has(account.id)) refusals.push(deletedNamed({ name }, 'id'));
  if (orphans.length > 0)
    refusals.push(deletedParent({ name, children: orphans.map(accountLabel) }, 'children'));
  return refusals;
}

function bringBack(book: Book, account: Account, children: readonly Account[]): Operation {
  const index = book.accounts.indexOf(account);
  const back: Operation = { kind: 'add-account', account, index };
  if (children.length === 0) return back;
  const under = children.map(({ id, type, number }): Operation => ({
    kind: 'move-account',
    id,
    type,
    number,
    parent: account.id,
  }));
  return { kind: 'several', operations: [back, ...under] };
}
