import type { ExerciseAnswer } from '@gleddo/contract';
import type { Book } from '@gleddo/core';
import { LongRows } from '../../figures/LongRows';
import { TableHead } from '../../figures/TableHead';
import { useBookOf } from '../../book/book-of';
import { useKept } from '../../kept/use-kept';
import { KeepRow } from '../KeepRow';
import type { AcceptedEntryRule, AcceptedRule, KeyRules } from '../key-rules';
import { useChangeExercise } from '../use-exercise';
import { AccountRule } from './AccountRule';
import { EntryRule } from './EntryRule';
import styles from './also-right.module.css';

interface Draft {
  readonly accepts: readonly AcceptedRule[];
  readonly acceptsEntries: readonly AcceptedEntryRule[];
}

/** What is right besides what the key says: set beforehand, account by account and entry by entry. */
export function AlsoRightView({ exercise }: { exercise: ExerciseAnswer }) {
  const book = useBookOf(exercise.keyBookId);
  if (!book) return <main className="desk" aria-busy="true" />;
  return <AlsoRight key={exercise.id} exercise={exercise} book={book} />;
}

function AlsoRight({ exercise, book }: { exercise: ExerciseAnswer; book: Book }) {
  const rules = exercise.keyRules as KeyRules;
  const before: Draft = {
    accepts: rules.accepts ?? [],
    acceptsEntries: rules.acceptsEntries ?? [],
  };
  const [draft, setDraft, dropDraft] = useKept<Draft | null>(`also-right.${exercise.id}`, null);
  const change = useChangeExercise(exercise.id);
  const now = draft ?? before;
  const keep = () =>
    change.mutate({ keyRules: { ...rules, ...now } }, { onSuccess: () => dropDraft() });
  return (
    <main className="desk">
      <section className={`paper ${styles['leaf']}`}>
        <h2>Accounts</h2>
        <p className="quiet">
          Other wordings, spellings and free numbers are right anyway. Here stands what else is:
          another name, a second place that can be defended, an account that may be left out.
        </p>
        <Accounts book={book} draft={now} onChange={setDraft} />
      </section>
      <section className="paper">
        <h2>Entries</h2>
        <p className="quiet">
          Split, joined and in another order they are right anyway; so is another text.
        </p>
        <Entries book={book} draft={now} onChange={setDraft} />
        <KeepRow label="Save" changed={draft !== null} of={change} onKeep={keep} />
      </section>
    </main>
  );
}

interface ListProps {
  readonly book: Book;
  readonly draft: Draft;
  onChange(draft: Draft): void;
}

const ROW_HEIGHT = 40;

function Accounts({ book, draft, onChange }: ListProps) {
  const put = (rule: AcceptedRule) =>
    onChange({
      ...draft,
      accepts: [...draft.accepts.filter(({ account }) => account !== rule.account), rule],
    });
  return (
    <table className={`lines-table ${styles['table']}`}>
      <TableHead
        names={['Account', 'Also called', 'Also set up as', 'Its number', 'Asked for', 'Why']}
      />
      <LongRows
        of={book.accounts}
        rowHeight={ROW_HEIGHT}
        row={(account) => (
          <AccountRule
            key={account.id}
            account={account}
            book={book}
            rule={draft.accepts.find((each) => each.account === account.id) ?? null}
            onChange={put}
          />
        )}
      />
    </table>
  );
}

function Entries({ book, draft, onChange }: ListProps) {
  const put = (rule: AcceptedEntryRule) =>
    onChange({
      ...draft,
      acceptsEntries: [...draft.acceptsEntries.filter(({ entry }) => entry !== rule.entry), rule],
    });
  return (
    <table className={`lines-table ${styles['table']}`}>
      <TableHead names={['Entry', 'Day', 'From', 'To', 'Asked for']} />
      <LongRows
        of={book.entries}
        rowHeight={ROW_HEIGHT}
        row={(entry) => (
          <EntryRule
            key={entry.id}
            entry={entry}
            rule={draft.acceptsEntries.find((each) => each.entry === entry.id) ?? null}
            onChange={put}
          />
        )}
      />
    </table>
  );
}
