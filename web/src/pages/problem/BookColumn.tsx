import { nearType, SHIPPED_SCHEMES, typeOf, type Scheme } from '@gleddo/core';
import { Button } from 'antd';
import { useEffect, useRef } from 'react';
import { EntryEditor } from './EntryEditor';
import { Openings } from './Openings';
import { ProposedEntry } from './ProposedEntry';
import type { Problem } from './use-problem';
import styles from './problem.module.css';

export interface Choosing {
  readonly problem: Problem;
  readonly current: number;
  /** The sentence whose entry is being put right; null: none. */
  readonly editing: number | null;
  choose(at: number): void;
  edit(at: number | null): void;
  /** Says that a sentence is right, and goes on to the next to be looked at. */
  confirm(at: number): void;
  confirmOther(at: number): void;
  leave(at: number): void;
}

const SCHEME = SHIPPED_SCHEMES[0] as Scheme;

/** What each sentence does to the books: to be said right, put right, or left as a sentence. */
export function BookColumn(choosing: Choosing) {
  const { proposal } = choosing.problem;
  const column = useRef<HTMLElement>(null);
  useEffect(() => column.current?.focus({ preventScroll: true }), []);
  if (!proposal) return null;
  return (
    <section
      ref={column}
      tabIndex={-1}
      className={`paper ${styles['column'] ?? ''}`}
      aria-label="What it does to the books"
    >
      <h2>What it does to the books</h2>
      <Openings problem={choosing.problem} />
      <ol className={styles['proposed']}>
        {proposal.sentences.map((_, at) => (
          <SentenceRow key={at} {...{ at, choosing }} />
        ))}
      </ol>
    </section>
  );
}

interface RowProps {
  readonly at: number;
  readonly choosing: Choosing;
}

function SentenceRow({ at, choosing }: RowProps) {
  const { problem, current, editing } = choosing;
  const sentence = problem.proposal?.sentences[at];
  const standing = problem.standings[at];
  const row = useRef<HTMLLIElement>(null);
  const isCurrent = at === current;
  useEffect(() => {
    if (isCurrent) row.current?.scrollIntoView({ block: 'nearest' });
  }, [isCurrent, editing]);
  if (!sentence) return null;
  const kind = standing === 'to-do' ? 'to-do' : standing === 'left' ? 'left' : '';
  return (
    <li
      ref={row}
      className={`${styles[kind] ?? ''} ${isCurrent ? (styles['current'] ?? '') : ''}`}
      aria-current={isCurrent}
    >
      <button type="button" className={styles['number']} onClick={() => choosing.choose(at)}>
        {at + 1}
        <span className="sr-only"> {sentence.text}</span>
      </button>
      <div className={styles['does']}>
        {editing === at ? (
          <EntryEditor key={at} {...{ at, problem }} onDone={() => choosing.edit(null)} />
        ) : (
          <Does {...{ at, choosing }} />
        )}
      </div>
      <Stands standing={standing} />
    </li>
  );
}

function Stands({ standing }: { readonly standing: Problem['standings'][number] | undefined }) {
  if (standing === 'right')
    return (
      <span className="is-met" aria-label="right">
        ✓
      </span>
    );
  if (standing === 'to-look-at') return <span className={styles['look']}>to look at</span>;
  return <span />;
}

function Does({ at, choosing }: RowProps) {
  const { problem, current } = choosing;
  const sentence = problem.proposal?.sentences[at];
  const standing = problem.standings[at];
  if (!sentence) return null;
  if (standing === 'left' || standing === 'to-do') return <NotDone {...{ at, choosing }} />;
  return (
    <>
      {sentence.entries.map((entry, e) => (
        <ProposedEntry key={e} {...{ entry, scheme: SCHEME }} />
      ))}
      {at === current && <Says {...{ at, choosing }} />}
    </>
  );
}

/** Why there is no entry, and what can be done. */
function NotDone({ at, choosing }: RowProps) {
  const { problem, edit, leave } = choosing;
  const isLeft = problem.standings[at] === 'left';
  const why = problem.proposal?.sentences[at]?.why ?? null;
  return (
    <p className={styles['why']}>
      {isLeft ? 'It stays a sentence: students read it, and nothing is asked of it.' : said(why)}{' '}
      {isLeft ? (
        <button type="button" className="link-button" onClick={() => problem.bringBack(at)}>
          Look at it again
        </button>
      ) : (
        <button type="button" className="link-button" onClick={() => leave(at)}>
          Leave it as a sentence
        </button>
      )}{' '}
      ·{' '}
      <button type="button" className="link-button" onClick={() => edit(at)}>
        Make an entry
      </button>
    </p>
  );
}

function said(why: string | null): string {
  if (why === null) return '';
  return why.startsWith('no amount')
    ? `${why.charAt(0).toUpperCase()}${why.slice(1)}.`
    : `Not understood: ${why}.`;
}

/** The other type that a guessed account of a sentence may be; null: nothing is guessed in it, or nothing is near. */
export function otherOf(problem: Problem, at: number): { name: string; type: string } | null {
  const lines = problem.proposal?.sentences[at]?.entries.flatMap((entry) => entry.lines) ?? [];
  for (const { account } of lines) {
    const type = account.isGuess ? nearType(account.type) : null;
    if (type !== null) return { name: account.name, type };
  }
  return null;
}

/** What can be said of an entry, and by which keys. */
function Says({ at, choosing }: RowProps) {
  const other = otherOf(choosing.problem, at);
  const isRight = choosing.problem.standings[at] === 'right';
  return (
    <div className={styles['says']}>
      <Button size="small" onClick={() => choosing.confirm(at)}>
        {isRight ? 'Go on' : 'Right'}
      </Button>
      {other && (
        <Button size="small" onClick={() => choosing.confirmOther(at)}>
          {typeOf(SCHEME, other.type)?.name ?? other.type}
        </Button>
      )}
      <Button size="small" onClick={() => choosing.edit(at)}>
        Something else
      </Button>
      <Button size="small" type="text" onClick={() => choosing.leave(at)}>
        No entry
      </Button>
      <span className="quiet">{other ? 'Enter · 2 · F2' : 'Enter · F2'}</span>
    </div>
  );
}
