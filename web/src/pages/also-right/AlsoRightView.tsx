import type { ExerciseAnswer } from '@gleddo/contract';
import {
  accountLabel,
  namedIn,
  placeOfId,
  usualAim,
  type AcceptedEntryFile,
  type AcceptedFile,
  type Book,
  type KeyRulesFile,
  type Weighing,
} from '@gleddo/core';
import { LongRows } from '../../platform/figures/LongRows';
import { TableHead } from '../../platform/figures/TableHead';
import { WritesDays } from '../../platform/figures/WritesDays';
import { longDay } from '../../platform/figures/days';
import { useBookOf } from '../../book/open-book/book-of';
import { KeepParts } from '../parts/KeepParts';
import { useParts, type Parts } from '../parts/use-parts';
import { AccountRule } from './AccountRule';
import { Defensible } from './Defensible';
import { EntryRule } from './EntryRule';
import { useSaidOf } from './use-said-of';
import styles from './also-right.module.css';

const withRule = <T,>(all: readonly T[], rule: T, idOf: (each: T) => string): T[] => [
  ...all.filter((each) => idOf(each) !== idOf(rule)),
  rule,
];

type Points = Readonly<Record<string, number>>;

function withPoints(points: Points, ref: string, value: number | null): Points {
  const { [ref]: _, ...others } = points;
  return value === null ? others : { ...others, [ref]: value };
}

/** What is right besides what the key says: set beforehand, account by account and entry by entry. */
export function AlsoRightView({ exercise }: { exercise: ExerciseAnswer }) {
  const book = useBookOf(exercise.keyBookId);
  if (!book) return <main className="desk" aria-busy="true" />;
  return <AlsoRight key={exercise.id} exercise={exercise} book={book} />;
}

/** The rules with what was changed of them, and how more of them is changed. */
function useRules({ now, change }: Parts, book: Book) {
  const { points = {}, aim = usualAim(book), accepts = [], acceptsEntries = [] } = now.keyRules;
  const set = (rest: Partial<KeyRulesFile>) =>
    change({ ...now, keyRules: { ...now.keyRules, ...rest } });
  const onPoints = (ref: string, value: number | null) =>
    set({ points: withPoints(points, ref, value) });
  const weighing: Weighing = { aim, points };
  const putAccount = (rule: AcceptedFile) =>
    set({ accepts: withRule(accepts, rule, ({ account }) => account) });
  const putEntry = (rule: AcceptedEntryFile) =>
    set({ acceptsEntries: withRule(acceptsEntries, rule, ({ entry }) => entry) });
  return {
    accounts: { weighing, onPoints, rules: accepts, onChange: putAccount },
    entries: { weighing, onPoints, rules: acceptsEntries, onChange: putEntry },
  };
}

function AlsoRight({ exercise, book }: { exercise: ExerciseAnswer; book: Book }) {
  const parts = useParts(exercise, 'also-right');
  const { accounts, entries } = useRules(parts, book);
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
        <WritesDays company={book.company}>
          <Entries book={book} {...entries} />
        </WritesDays>
        <KeepParts label="Save" of={parts} named={namedIn(book)} />
      </section>
    </main>
  );
}

interface ListProps<Rule> {
  readonly book: Book;
  readonly rules: readonly Rule[];
  readonly weighing: Weighing;
  onChange(rule: Rule): void;
  onPoints(ref: string, points: number | null): void;
}

const ROW_HEIGHT = 40;

const hasOwnPoints = ({ points = {} }: Weighing, id: string): boolean =>
  Object.keys(points).some((ref) => ref.endsWith(`:${id}`));

function Accounts({ book, rules, onChange, weighing, onPoints }: ListProps<AcceptedFile>) {
  const byAccount = new Map(rules.map((rule) => [rule.account, rule]));
  const { shown, others, adding } = useSaidOf({
    of: book.accounts,
    isSaid: ({ id }) => byAccount.has(id) || hasOwnPoints(weighing, id),
    what: 'an account',
    nameOf: accountLabel,
  });
  return (
    <>
      {shown.length > 0 && (
        <table className={`lines-table ${styles['table']}`}>
          <TableHead names={ACCOUNT_COLUMNS} />
          <LongRows
            of={shown}
            rowHeight={ROW_HEIGHT}
            row={(account) => (
              <AccountRule
                key={account.id}
                account={account}
                book={book}
                rule={byAccount.get(account.id) ?? null}
                {...{ weighing, onPoints, onChange }}
              />
            )}
          />
        </table>
      )}
      <Defensible of={others} {...{ book, onChange }} />
      {adding}
    </>
  );
}

const ACCOUNT_COLUMNS = [
  'Account',
  'Also called',
  'Also set up as',
  'Its number',
  'Asked for',
  'Points',
  'Why',
];

function Entries({ book, rules, onChange, weighing, onPoints }: ListProps<AcceptedEntryFile>) {
  const byEntry = new Map(rules.map((rule) => [rule.entry, rule]));
  const { shown, adding } = useSaidOf({
    of: book.entries,
    isSaid: ({ id }) => byEntry.has(id) || hasOwnPoints(weighing, id),
    what: 'an entry',
    nameOf: ({ date, text, reference }) =>
      `${longDay(date, placeOfId(book.company.place).days)}: ${text || reference}`,
  });
  return (
    <>
      {shown.length > 0 && (
        <table className={`lines-table ${styles['table']}`}>
          <TableHead names={['Entry', 'Day', 'From', 'To', 'Asked for', 'Points']} />
          <LongRows
            of={shown}
            rowHeight={ROW_HEIGHT}
            row={(entry) => (
              <EntryRule
                key={entry.id}
                entry={entry}
                rule={byEntry.get(entry.id) ?? null}
                {...{ weighing, onPoints, onChange }}
              />
            )}
          />
        </table>
      )}
      {adding}
    </>
  );
}
