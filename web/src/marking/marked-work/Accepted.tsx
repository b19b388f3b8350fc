import type { AcceptRequest, Marked } from '@gleddo/contract';
import { accountOf, typeOf, type Book } from '@gleddo/core';
import { useState } from 'react';
import { Accepting } from './Accepting';
import type { MarkedChange } from '../marks/use-marked-change';
import styles from '../../book/spread/margin.module.css';

interface AcceptedProps {
  readonly marked: Marked;
  readonly keyBook: Book;
  readonly change: MarkedChange;
}

interface One extends AcceptRequest {
  readonly shown: string;
  readonly of: string;
}

const acceptedOf = ({ accepts }: Marked, key: Book): One[] =>
  accepts.flatMap(({ account, names, types }) => {
    const of = accountOf(key, account)?.name ?? account;
    const one = (what: 'name' | 'type', value: string, shown: string): One => ({
      ...{ account, what, value, shown, of },
      withdraw: true,
    });
    return [
      ...names.map((name) => one('name', name, name)),
      ...types.map((type) => one('type', type, typeOf(key.scheme, type)?.name ?? type)),
    ];
  });

/** What the key accepts besides what stands in it; each can be withdrawn. */
export function Accepted({ marked, keyBook, change }: AcceptedProps) {
  const [withdrawn, setWithdrawn] = useState<One | null>(null);
  const all = acceptedOf(marked, keyBook);
  if (all.length === 0) return null;
  return (
    <details className={styles['more']}>
      <summary>Accepted besides the key: {all.length}</summary>
      <ul>
        {all.map((one) => (
          <li key={`${one.account} ${one.what} ${one.value}`}>
            “{one.shown}” for {one.of}{' '}
            <button type="button" className="link-button" onClick={() => setWithdrawn(one)}>
              Accept it no longer
            </button>
          </li>
        ))}
      </ul>
      {withdrawn && (
        <Accepting
          accepting={requestOf(withdrawn)}
          shown={withdrawn.shown}
          marked={marked}
          change={change}
          onClose={() => setWithdrawn(null)}
        />
      )}
    </details>
  );
}

const requestOf = ({ account, what, value }: One): AcceptRequest => ({
  ...{ account, what, value },
  withdraw: true,
});
