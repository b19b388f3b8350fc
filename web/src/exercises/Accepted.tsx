import { accountOf, typeOf } from '@gleddo/core';
import type { KeyRules } from './key-rules';
import { useBookOf } from '../book/book-of';

/** What else is accepted, in the words of the key: names and types of its accounts. */
export function Accepted({ rules, keyBookId }: { rules: KeyRules; keyBookId: string }) {
  const book = useBookOf(keyBookId);
  const accepts = (rules.accepts ?? []).filter(
    (each) => (each.names ?? []).length + (each.types ?? []).length > 0,
  );
  return (
    <section className="paper">
      <h2>What else is accepted</h2>
      {accepts.length === 0 && (
        <p className="quiet">
          Nothing yet. While marking, a student’s name or place can be accepted from everybody.
        </p>
      )}
      {book && (
        <ul>
          {accepts.map(({ account, names = [], types = [] }) => (
            <li key={account}>
              <strong>{accountOf(book, account)?.name ?? account}</strong>:{' '}
              {[
                ...names.map((name) => `“${name}”`),
                ...types.map((type) => `set up as ${typeOf(book.scheme, type)?.name ?? type}`),
              ].join(', ')}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
