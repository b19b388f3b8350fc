import {
  gathered,
  linesOfStatement,
  marginOf,
  pairedEntries,
  sideBySide,
  type Book,
  type EntryPair,
  type Margin,
  type Period,
  type SideRow,
  type SideSection,
} from '@gleddo/core';
import type { PairShown, ShownResult } from '@gleddo/contract';

export type ShownMargin = Margin<ShownResult>;

export interface MarkedRows {
  readonly sections: readonly SideSection[];
  readonly margin: ShownMargin;
  /** The numbers of the notes about a row, in order. */
  notesOn(row: SideRow): number[];
  /** Whether a fault is about the row's account itself, not only about an entry on it. */
  isFaulty(row: SideRow): boolean;
}

/** The accounts that a fault is about, as ids of the work's accounts and of the key's. */
interface About {
  readonly keys: ReadonlySet<string>;
  readonly works: ReadonlySet<string>;
  readonly isEntry: boolean;
}

const accountsOn = (views: EntryPair['keys']): Set<string> =>
  new Set(views.flatMap(({ entry }) => entry.lines.map((line) => line.account)));

function aboutEntry(fault: ShownResult, pairs: readonly EntryPair[]): About {
  const { id } = fault.subject;
  const isExtra = fault.check === 'entry.extra';
  const pair = pairs.find((each) =>
    (isExtra ? each.works : each.keys).some(({ entry }) => entry.id === id),
  );
  return {
    keys: accountsOn(pair?.keys ?? []),
    works: accountsOn(pair?.works ?? []),
    isEntry: true,
  };
}

function aboutAccount(fault: ShownResult, pairs: readonly PairShown[]): About {
  const { id } = fault.subject;
  const isLeftover = fault.check === 'account.leftover';
  const pair = isLeftover ? null : pairs.find((each) => each.keys.includes(id));
  const works = isLeftover ? [id] : (pair?.works ?? []);
  return { keys: new Set(isLeftover ? [] : [id]), works: new Set(works), isEntry: false };
}

const NOTHING: About = { keys: new Set(), works: new Set(), isEntry: false };

interface MarkedOf {
  readonly key: Book | null;
  readonly work: Book;
  readonly pairs: readonly PairShown[];
  readonly results: readonly ShownResult[];
  readonly period: Period;
}

/** The key's book, the student's work, and what was found: laid out row by row. The key may be kept back. */
export function markedRows({ key, work, pairs, results, period }: MarkedOf): MarkedRows {
  const margin = marginOf(gathered(results));
  const alone = work.accounts.map(({ id }) => ({ keys: [id], works: [id] }));
  const sections = key
    ? sideBySide(key, work, { pairs, period })
    : sideBySide(work, work, { pairs: alone, period });
  const entryPairs = key ? pairedEntries(key, work, pairs) : [];
  const about = margin.faults.map((fault): About => {
    if (fault.subject.kind === 'account') return aboutAccount(fault, pairs);
    return fault.subject.kind === 'entry' ? aboutEntry(fault, entryPairs) : NOTHING;
  });
  const touches = (row: SideRow, { keys, works, isEntry }: About): boolean => {
    if (isEntry && row.theirs === row.wanted) return false;
    const byWork = row.works.some((account) => works.has(account.id));
    return byWork || (key !== null && row.keys.some((account) => keys.has(account.id)));
  };
  const touching = (row: SideRow) =>
    about.flatMap((each, i) => (touches(row, each) ? [{ n: i + 1, ...each }] : []));
  return {
    sections,
    margin,
    notesOn: (row) => touching(row).map(({ n }) => n),
    isFaulty: (row) => touching(row).some(({ isEntry }) => !isEntry),
  };
}

/** The names of the lines of both statements, by their ids. */
export const lineNamesOf = ({ scheme }: Book): ReadonlyMap<string, string> =>
  new Map(
    (['profit-and-loss', 'balance-sheet'] as const)
      .flatMap((statement) => linesOfStatement(scheme, statement))
      .map((line) => [line.id, line.name]),
  );
