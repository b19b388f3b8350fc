import { useQuery } from '@tanstack/react-query';
import type { ChangedResult, Marked, PastCheck } from '@gleddo/contract';
import { accountOf, inOneText, type Book } from '@gleddo/core';
import { useState } from 'react';
import { get } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { momentText } from '../../platform/figures/days';
import { Asking } from '../../platform/shell/Asking';
import styles from '../../book/spread/margin.module.css';

interface PastChecksProps {
  readonly marked: Marked;
  readonly keyBook: Book;
}

/** The checks that a work has had, and what came out otherwise each time: asked for when it is opened. */
export function PastChecks({ marked, keyBook }: PastChecksProps) {
  const { tryId, keyVersion, points, of } = marked;
  const [isOpen, setOpen] = useState(false);
  const past = useQuery({
    queryKey: ['past-checks', tryId, keyVersion, points, of],
    queryFn: () => get(`tries/${tryId}/checks`),
    enabled: isOpen,
    staleTime: 0,
  });
  return (
    <details className={styles['more']} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>Checks of this work so far</summary>
      {past.data ? (
        <ol>
          {past.data.map((check) => (
            <OneCheck key={check.at} {...{ check, keyBook }} />
          ))}
        </ol>
      ) : (
        isOpen && <Asking of={past} what="What was checked before" />
      )}
    </details>
  );
}

function OneCheck({ check, keyBook }: { check: PastCheck; keyBook: Book }) {
  const { at, keyVersion, points, of, isOtherWork, changes } = check;
  return (
    <li>
      <strong>
        {points} of {of}
      </strong>{' '}
      <span className="quiet">
        {momentText(at)}, key {keyVersion}
        {isOtherWork && ', after the work had changed'}
      </span>
      {changes.length > 0 && (
        <details>
          <summary>{counted(changes.length, 'result')} otherwise than before</summary>
          <ul>
            {changes.map((change) => (
              <li key={change.ref}>
                <Changed {...{ change, keyBook }} />
              </li>
            ))}
          </ul>
        </details>
      )}
    </li>
  );
}

function Changed({ change, keyBook }: { change: ChangedResult; keyBook: Book }) {
  const { isBetter, title, subject, told } = change;
  const of = subject.kind === 'account' ? accountOf(keyBook, subject.id)?.name : undefined;
  return (
    <>
      <span className={isBetter ? 'is-met' : 'is-missed'}>{isBetter ? '✓' : '×'}</span>{' '}
      <span className="quiet">
        {title}
        {of && ` of ${of}`}:
      </span>{' '}
      {inOneText(told, ['there', 'belongs'])}
    </>
  );
}
