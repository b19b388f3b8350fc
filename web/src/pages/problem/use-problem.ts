import {
  NO_EDITS,
  propose,
  sentenceNames,
  SHIPPED_SCHEMES,
  typeOf,
  withEdits,
  type ProblemEdits,
  type Proposal,
  type ProposedSentence,
  type SaidEntry,
  type Scheme,
} from '@gleddo/core';
import { useMemo } from 'react';
import { useKept } from '../../platform/kept/use-kept';

/** What somebody said of sentences, by their names: it holds while the text around them is mended. */
interface Kept {
  readonly text: string;
  /** Whether it has been read; until then it is being typed. */
  readonly isRead: boolean;
  readonly edits: ProblemEdits;
  /** Sentences whose entries somebody has looked at. */
  readonly right: readonly string[];
  /** Sentences that stay sentences. */
  readonly left: readonly string[];
}

const NOTHING: Kept = { text: '', isRead: false, edits: NO_EDITS, right: [], left: [] };

/** How a sentence stands: taken, to be looked at, to be done, or left as it is. */
export type Standing = 'right' | 'to-look-at' | 'to-do' | 'left';

const isGuessed = ({ entries }: ProposedSentence): boolean =>
  entries.some(({ lines }) => lines.some(({ account }) => account.isGuess));

function standingOf(sentence: ProposedSentence, name: string, { right, left }: Kept): Standing {
  if (left.includes(name)) return 'left';
  if (sentence.why !== null) return 'to-do';
  return right.includes(name) || !isGuessed(sentence) ? 'right' : 'to-look-at';
}

/** A problem’s text on its way to an exercise: what is proposed, what was put right, how each sentence stands. */
export function useProblem() {
  const [kept, keep, forget] = useKept<Kept>('problem', NOTHING);
  const { text, isRead, edits } = kept;
  const read = useMemo(
    () => (isRead ? propose(text, { year: new Date().getFullYear() }) : null),
    [text, isRead],
  );
  const proposal = useMemo(() => read && withEdits(read, edits), [read, edits]);
  const names = useMemo(() => sentenceNames(proposal?.sentences ?? []), [proposal]);
  const standings =
    proposal?.sentences.map((each, at) => standingOf(each, names[at] ?? '', kept)) ?? [];
  return {
    ...{ text, proposal, standings, forget },
    type: (typed: string) => keep((now) => ({ ...now, text: typed })),
    read: () => keep((now) => ({ ...now, isRead: true })),
    backToText: () => keep((now) => ({ ...now, isRead: false })),
    ...changesOf({ proposal, read, names }, keep),
  };
}

const nameOfType = (type: string) => typeOf(SHIPPED_SCHEMES[0] as Scheme, type)?.name;

interface Called {
  readonly name: string;
  readonly type: string;
}

/** An account that is called as its type is, is so under another type, too. */
const nameWith = (account: Called, type: string): string =>
  account.name === nameOfType(account.type) ? (nameOfType(type) ?? account.name) : account.name;

interface Shown {
  readonly proposal: Proposal | null;
  /** As it was read, before anything was put right. */
  readonly read: Proposal | null;
  readonly names: readonly string[];
}

/** Under which name an account was proposed that is shown under this one; itself where somebody added it. */
function firstName({ proposal, read }: Shown, shown: string): string {
  const at = proposal?.accounts.findIndex(({ name }) => name === shown) ?? -1;
  return read?.accounts[at]?.name ?? shown;
}

/** Accounts have other types from now on, wherever they stand; by the names under which they are shown. */
function retyped(edits: ProblemEdits, shown: Shown, types: Readonly<Record<string, string>>) {
  const accounts = { ...edits.accounts };
  let { added } = edits;
  for (const account of shown.proposal?.accounts ?? []) {
    const type = Object.hasOwn(types, account.name) ? types[account.name] : undefined;
    if (type === undefined) continue;
    const now = { name: nameWith(account, type), type };
    const isAdded = added.some(({ name }) => name === account.name);
    if (isAdded)
      added = added.map((each) => (each.name === account.name ? { ...each, type } : each));
    else accounts[firstName(shown, account.name)] = now;
  }
  return { ...edits, accounts, added };
}

/** The types that a sentence’s guesses have: whoever says that it is right, says that they are. */
function guessesIn({ proposal }: Shown, at: number): Record<string, string> {
  const lines = proposal?.sentences[at]?.entries.flatMap((entry) => entry.lines) ?? [];
  const guessed = lines.filter(({ account }) => account.isGuess);
  return Object.fromEntries(guessed.map(({ account }) => [account.name, account.type]));
}

/** An entry said by hand, with what accounts it needs besides, and which types it changes. */
interface SaidByHand {
  readonly entry: SaidEntry;
  readonly added: ProblemEdits['added'];
  readonly types: Readonly<Record<string, string>>;
}

const withIt = (list: readonly string[], name: string): string[] => [
  ...list.filter((each) => each !== name),
  name,
];
const withoutIt = (list: readonly string[], name: string): string[] =>
  list.filter((each) => each !== name);

/** What somebody can say of a sentence. */
function changesOf(shown: Shown, keep: (change: (now: Kept) => Kept) => void) {
  const nameAt = (at: number) => shown.names[at] ?? '';
  const asRight = (at: number, now: Kept, edits: ProblemEdits): Kept => ({
    ...now,
    edits,
    right: withIt(now.right, nameAt(at)),
    left: withoutIt(now.left, nameAt(at)),
  });
  return {
    confirm: (at: number, types: Readonly<Record<string, string>> = {}) =>
      keep((now) =>
        asRight(at, now, retyped(now.edits, shown, { ...guessesIn(shown, at), ...types })),
      ),
    retype: (name: string, type: string) =>
      keep((now) => ({ ...now, edits: retyped(now.edits, shown, { [name]: type }) })),
    leave: (at: number) =>
      keep((now) => ({
        ...now,
        left: withIt(now.left, nameAt(at)),
        right: withoutIt(now.right, nameAt(at)),
      })),
    bringBack: (at: number) => keep((now) => ({ ...now, left: withoutIt(now.left, nameAt(at)) })),
    say: (at: number, { entry, added, types }: SaidByHand) =>
      keep((now) => {
        const edits = retyped(now.edits, shown, types);
        const lines = entry.lines.map((line) => ({
          ...line,
          account: firstName(shown, line.account),
        }));
        return asRight(at, now, {
          ...edits,
          added: [...edits.added, ...added],
          entries: { ...edits.entries, [nameAt(at)]: { ...entry, lines } },
        });
      }),
  };
}

export type Problem = ReturnType<typeof useProblem>;
