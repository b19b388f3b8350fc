import { useMutation } from '@tanstack/react-query';
import type { ExerciseAnswer } from '@gleddo/contract';
import type { Book } from '@gleddo/core';
import { get } from '../../api/client';
import { LongRows } from '../../figures/LongRows';
import { TableHead } from '../../figures/TableHead';
import { useBookOf } from '../../book/book-of';
import { useKept } from '../../kept/use-kept';
import { KeepRow } from '../KeepRow';
import type { AcceptedEntryRule, AcceptedRule, KeyRules } from '../key-rules';
import { useChangeExercise } from '../use-exercise';
import { AccountRule } from './AccountRule';
import { EntryRule } from './EntryRule';
import type { Points } from './OwnPoints';
import styles from './also-right.module.css';

/** What is said of accounts and entries; as a draft, only of those that were changed. */
interface Draft {
  readonly accepts: readonly AcceptedRule[];
  readonly acceptsEntries: readonly AcceptedEntryRule[];
  /** By check and what it is about; null: as usual again. */
  readonly points: Readonly<Record<string, number | null>>;
}

const NOTHING: Draft = { accepts: [], acceptsEntries: [], points: {} };

const withChanged = <T,>(
  all: readonly T[],
  changed: readonly T[],
  idOf: (each: T) => string,
): T[] => {
  const ids = new Set(changed.map(idOf));
  return [...all.filter((each) => !ids.has(idOf(each))), ...changed];
};

const pointsWith = (points: Points, changed: Draft['points']): Points =>
  Object.fromEntries(
    Object.entries({ ...points, ...changed }).flatMap(([ref, value]) =>
      value === null ? [] : [[ref, value] as const],
    ),
  );

/** The rules with what was changed of them: what was accepted elsewhere meanwhile stays. */
const merged = (rules: KeyRules, { accepts, acceptsEntries, points }: Draft) => ({
  points: pointsWith(rules.points ?? {}, points ?? {}),
  accepts: withChanged(rules.accepts ?? [], accepts, ({ account }) => account),
  acceptsEntries: withChanged(rules.acceptsEntries ?? [], acceptsEntries, ({ entry }) => entry),
});

/** What is right besides what the key says: set beforehand, account by account and entry by entry. */
export function AlsoRightView({ exercise }: { exercise: ExerciseAnswer }) {
  const book = useBookOf(exercise.keyBookId);
  if (!book) return <main className="desk" aria-busy="true" />;
  return <AlsoRight key={exercise.id} exercise={exercise} book={book} />;
}

/** Saves what was changed onto the rules as they are by then. */
function useSaving(exercise: ExerciseAnswer) {
  const [draft, setDraft, dropDraft] = useKept<Draft>(`also-right.${exercise.id}`, NOTHING);
  const change = useChangeExercise(exercise.id);
  const save = useMutation({
    mutationFn: async () => {
      const { keyRules } = await get<ExerciseAnswer>(`exercises/${exercise.id}`);
      await change.mutateAsync({ keyRules: { ...keyRules, ...merged(keyRules, draft) } });
    },
    onSuccess: dropDraft,
  });
  return { draft, setDraft, save };
}

/** The rules with what was changed of them, and how more of them is changed. */
function useRules(exercise: ExerciseAnswer) {
  const { draft, setDraft, save } = useSaving(exercise);
  const { points, accepts, acceptsEntries } = merged(exercise.keyRules as KeyRules, draft);
  const onPoints = (ref: string, value: number | null) =>
    setDraft({ ...draft, points: { ...draft.points, [ref]: value } });
  const putAccount = (rule: AcceptedRule) =>
    setDraft({ ...draft, accepts: withChanged(draft.accepts, [rule], ({ account }) => account) });
  const putEntry = (rule: AcceptedEntryRule) =>
    setDraft({
      ...draft,
      acceptsEntries: withChanged(draft.acceptsEntries, [rule], ({ entry }) => entry),
    });
  return {
    accounts: { points, onPoints, rules: accepts, onChange: putAccount },
    entries: { points, onPoints, rules: acceptsEntries, onChange: putEntry },
    isChanged: JSON.stringify(draft) !== JSON.stringify(NOTHING),
    save,
  };
}

function AlsoRight({ exercise, book }: { exercise: ExerciseAnswer; book: Book }) {
  const { accounts, entries, isChanged, save } = useRules(exercise);
  return (
    <main className="desk">
      <section className={`paper ${styles['leaf']}`}>
        <h2>Accounts</h2>
        <p className="quiet">
          Other wordings, spellings and free numbers are right anyway. Here stands what else is:
          another name, a second place that can be defended, an account that may be left out.
        </p>
        <Accounts book={book} {...accounts} />
      </section>
      <section className="paper">
        <h2>Entries</h2>
        <p className="quiet">
          Split, joined and in another order they are right anyway; so is another text.
        </p>
        <Entries book={book} {...entries} />
        <KeepRow label="Save" changed={isChanged} of={save} onKeep={() => save.mutate()} />
      </section>
    </main>
  );
}

interface ListProps<Rule> {
  readonly book: Book;
  readonly rules: readonly Rule[];
  readonly points: Points;
  onChange(rule: Rule): void;
  onPoints(ref: string, points: number | null): void;
}

const ROW_HEIGHT = 40;

function Accounts({ book, rules, onChange, points, onPoints }: ListProps<AcceptedRule>) {
  const byAccount = new Map(rules.map((rule) => [rule.account, rule]));
  return (
    <table className={`lines-table ${styles['table']}`}>
      <TableHead
        names={[
          'Account',
          'Also called',
          'Also set up as',
          'Its number',
          'Asked for',
          'Points',
          'Why',
        ]}
      />
      <LongRows
        of={book.accounts}
        rowHeight={ROW_HEIGHT}
        row={(account) => (
          <AccountRule
            key={account.id}
            account={account}
            book={book}
            rule={byAccount.get(account.id) ?? null}
            {...{ points, onPoints, onChange }}
          />
        )}
      />
    </table>
  );
}

function Entries({ book, rules, onChange, points, onPoints }: ListProps<AcceptedEntryRule>) {
  const byEntry = new Map(rules.map((rule) => [rule.entry, rule]));
  return (
    <table className={`lines-table ${styles['table']}`}>
      <TableHead names={['Entry', 'Day', 'From', 'To', 'Asked for', 'Points']} />
      <LongRows
        of={book.entries}
        rowHeight={ROW_HEIGHT}
        row={(entry) => (
          <EntryRule
            key={entry.id}
            entry={entry}
            rule={byEntry.get(entry.id) ?? null}
            {...{ points, onPoints, onChange }}
          />
        )}
      />
    </table>
  );
}
