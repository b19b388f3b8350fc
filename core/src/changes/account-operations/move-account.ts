import { accountLabel, accountOf, type Account, type Book } from '../../model/book/book.js';
import { childrenOf, sectionIdOf } from '../../model/book/place.js';
import { done, refusal, refused, type Refusal } from '../../model/refusal/refusal.js';
import { inserted, noticesOf, refusalsOf, replaced, wanted, without } from './account-changes.js';
import type { Change } from '../operation/operation.js';

const childrenStay = refusal(
  'account.children-stay',
  (f: { name: string; children: readonly string[] }) =>
    `${f.children.join(', ')} ${f.children.length === 1 ? 'stands' : 'stand'} under “${f.name}”, and a parent shares its section with them. Take them out first, then move it.`,
);

const leftParent = refusal(
  'account.left-parent',
  (f: { name: string; parent: string }) =>
    `“${f.name}” stands under “${f.parent}” no longer, which is in another section.`,
);

interface Moved {
  readonly before: Account;
  readonly after: Book;
  readonly account: Account;
}

/** An account that went to another section and could not take its parent along. */
function leftIts(book: Book, { before, after, account }: Moved): Refusal[] {
  const parent = accountOf(book, before.parent);
  if (!parent || account.parent !== null) return [];
  if (sectionIdOf(after, account) === sectionIdOf(book, before)) return [];
  return [leftParent({ name: accountLabel(account), parent: accountLabel(parent) }, 'parent')];
}

/** Moves an account to another place: type, parent and number follow the place, never the reverse. */
export const moveAccount: Change<'move-account'> = {
  apply(book, operation) {
    const found = wanted(book, operation.id);
    if (!found.ok) return found;
    const before = found.value;
    const { type, parent, number } = operation;
    const guessed = operation.guessed ?? (before.guessed && type === before.type);
    const account = { ...before, type, guessed, parent, number: number?.trim() ?? null };
    const at = book.accounts.indexOf(before);
    const after =
      operation.index === undefined
        ? replaced(book, account)
        : inserted(without(book, before.id), account, operation.index);
    const refusals = [
      ...familyRefusals(book, before, { after, account }),
      ...refusalsOf(after, account),
    ];
    if (refusals.length > 0) return refused(...refusals);
    return done({
      book: after,
      inverse: {
        kind: 'move-account',
        id: before.id,
        type: before.type,
        parent: before.parent,
        number: before.number,
        guessed: before.guessed,
        index: at,
      },
      notices: () => [...leftIts(book, { before, after, account }), ...noticesOf(after, account)],
    });
  },
};

function familyRefusals(
  book: Book,
  before: Account,
  { after, account }: { readonly after: Book; readonly account: Account },
) {
  const children = childrenOf(book, before.id);
  if (children.length === 0 || sectionIdOf(after, account) === sectionIdOf(book, before)) return [];
  return [
    childrenStay({ name: accountLabel(before), children: children.map(accountLabel) }, 'type'),
  ];
}
