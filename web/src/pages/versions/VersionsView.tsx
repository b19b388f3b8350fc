import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { ExerciseAnswer } from '@gleddo/contract';
import { namedIn, type Book, type Named } from '@gleddo/core';
import { Button } from 'antd';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { post } from '../../platform/api/client';
import { useBookOf } from '../../book/open-book/book-of';
import { Asking } from '../../platform/shell/Asking';
import { Refusal } from '../../platform/shell/Refusal';
import { CompareWith } from './CompareWith';
import { Differences } from './Differences';
import { OriginBooks } from './OriginBooks';
import {
  saidWith,
  useOtherVersion,
  withOf,
  type OtherVersion,
  type With,
} from './use-other-version';
import styles from './versions.module.css';

/** An exercise beside what it was, what it is a copy of, or another: what differs, and what is taken over. */
export function VersionsView({ exercise }: { exercise: ExerciseAnswer }) {
  const [search, setSearch] = useSearchParams();
  const said = withOf(search.get('with')) ?? (exercise.isCopy ? { kind: 'origin' as const } : null);
  const other = useOtherVersion(exercise, said);
  return (
    <main className="desk">
      <div className={styles['page']}>
        <section className="paper" aria-label="Compare and take over">
          <h2>Compare, and take over</h2>
          <p className="quiet">
            Beside itself as it was, the exercise of which it is a copy, or another of yours. What
            you tick stands here afterwards; all else stays, and each step can be taken back.
          </p>
          <CompareWith
            exercise={exercise}
            chosen={said}
            onChoose={(of) => setSearch({ with: saidWith(of) })}
          />
        </section>
        {said && !other.data && <Asking of={other} what="What differs" />}
        {said && other.data && (
          <Found
            key={`${saidWith(said)} ${String(exercise.revision)}`}
            {...{ exercise, said }}
            other={other.data}
          />
        )}
      </div>
    </main>
  );
}

interface FoundProps {
  readonly exercise: ExerciseAnswer;
  readonly said: With;
  readonly other: OtherVersion;
}

const NOTHING = {
  before: 'It stands today as it stood then.',
  origin:
    'Of its words, steps, papers, questions and points nothing was changed there that is not here, too.',
  other: 'There is nothing in it that does not stand here, too.',
} as const;

function Found({ exercise, said, other }: FoundProps) {
  const key = useBookOf(exercise.keyBookId);
  const named = namedBy(exercise, other, key);
  const { changes, lost, origin } = other;
  return (
    <>
      <section className="paper" aria-label="What differs from it">
        {origin && (
          <p>
            A copy of “{origin.title}” by {origin.by}.
          </p>
        )}
        {lost.length > 0 && (
          <p className="notice">
            It speaks of what this key has not: {lost.slice(0, MOST_NAMED).join(', ')}
            {lost.length > MOST_NAMED && ` and ${String(lost.length - MOST_NAMED)} more`}. That is
            left out.
          </p>
        )}
        {changes.length === 0 ? (
          <p>{NOTHING[said.kind]}</p>
        ) : (
          <Taking {...{ exercise, other, named, said }} />
        )}
      </section>
      {origin && <OriginBooks exercise={exercise} origin={origin} />}
    </>
  );
}

/** How steps, papers, questions, accounts and entries are called, here and there: by a title, or by their words. */
function namedBy(
  { guide, keyRules }: ExerciseAnswer,
  other: OtherVersion,
  key: Book | null,
): Named {
  const here = [...(guide.steps ?? []), ...(guide.sheets ?? []), ...(keyRules.questions ?? [])];
  const there = other.changes.flatMap(({ change }) => [change.was, change.now]);
  const names = new Map<string, string>();
  for (const each of [...here, ...there] as Partial<Record<string, unknown>>[]) {
    const says = each?.['title'] ?? each?.['text'];
    if (typeof each?.['id'] === 'string' && typeof says === 'string') names.set(each['id'], says);
  }
  const ofKey = key ? namedIn(key) : (id: string) => id;
  return (id) => names.get(id) ?? ofKey(id);
}

const MOST_NAMED = 5;

const usual = (other: OtherVersion): ReadonlySet<string> =>
  new Set(other.changes.filter(({ isUsual }) => isUsual).map(({ change }) => change.at));

function Taking({ exercise, other, named, said }: FoundProps & { readonly named: Named }) {
  const [chosen, setChosen] = useState(() => usual(other));
  const queries = useQueryClient();
  const take = useMutation({
    mutationFn: () =>
      post(`exercises/${exercise.id}/take-over`, {
        changes: other.changes.map(({ change }) => change).filter(({ at }) => chosen.has(at)),
      }),
    onSuccess: (next) => {
      queries.setQueryData(['exercise', exercise.id], next);
      void queries.invalidateQueries({ queryKey: ['exercise-changes', exercise.id] });
    },
  });
  const choose = (at: string, isChosen: boolean) =>
    setChosen((all) => new Set(isChosen ? [...all, at] : [...all].filter((each) => each !== at)));
  const n = chosen.size;
  return (
    <>
      <Differences of={other.changes} {...{ named, chosen }} onChoose={choose} />
      <div className="slip-actions">
        <Refusal of={take} />
        <Button
          type="primary"
          className="last"
          disabled={n === 0}
          loading={take.isPending}
          onClick={() => take.mutate()}
        >
          {said.kind === 'before' && n === other.changes.length
            ? 'Go back to how it was'
            : `Take over ${String(n)} of ${String(other.changes.length)}`}
        </Button>
      </div>
    </>
  );
}
