import type { Amount } from '../../model/money/amount.js';
import type { KnownAccount, KnownLine } from './known.js';
import type { Proposal, ProposedSentence } from './propose.js';

/** A line as somebody has said it: the account by the name under which it was proposed, or added. */
export interface SaidLine {
  readonly account: string;
  /** Hundredths, debit positive. */
  readonly amount: Amount;
}

/** An entry as somebody has said it. */
export interface SaidEntry {
  readonly date: string;
  readonly lines: readonly SaidLine[];
}

interface NamedType {
  readonly name: string;
  readonly type: string;
}

/** What somebody has put right in a proposal. Accounts are meant by the names under which they were proposed. */
export interface ProblemEdits {
  /** Other names and types: they hold wherever the account stands. */
  readonly accounts: Readonly<Record<string, NamedType>>;
  /** Accounts that were added. */
  readonly added: readonly NamedType[];
  /** Entries said instead of those proposed, by the sentence: see `sentenceNames`. */
  readonly entries: Readonly<Record<string, SaidEntry>>;
}

export const NO_EDITS: ProblemEdits = { accounts: {}, added: [], entries: {} };

const said = <T>(of: Readonly<Record<string, T>>, name: string): T | undefined =>
  Object.hasOwn(of, name) ? of[name] : undefined;

/** By what sentences are told apart while the text around them changes: their words, and which of those with the same. */
export function sentenceNames(sentences: readonly ProposedSentence[]): string[] {
  const times = new Map<string, number>();
  return sentences.map(({ text }) => {
    const time = (times.get(text) ?? 0) + 1;
    times.set(text, time);
    return `${time} ${text}`;
  });
}

const GONE = 'an account that you wrote is not there any more';

/** The proposal as it was put right; an account that was looked at is no guess any more. */
export function withEdits(proposal: Proposal, edits: ProblemEdits): Proposal {
  const changed = new Map(
    proposal.accounts.map((account): [KnownAccount, KnownAccount] => {
      const own = said(edits.accounts, account.name);
      return [account, own ? { ...account, ...own, isGuess: false } : account];
    }),
  );
  const added = edits.added.map((each) => ({ ...each, isGuess: false, isGiven: false }));
  const now = (account: KnownAccount): KnownAccount => changed.get(account) ?? account;
  const named = (name: string): KnownAccount | undefined => {
    const own = proposal.accounts.find((each) => each.name === name);
    return own ? now(own) : added.find((each) => each.name === name);
  };
  const line = ({ account, amount }: KnownLine) => ({ account: now(account), amount });
  const names = sentenceNames(proposal.sentences);
  return {
    ...proposal,
    accounts: [...proposal.accounts.map(now), ...added],
    opening: proposal.opening.map(line),
    sentences: proposal.sentences.map((sentence, at) => {
      const own = said(edits.entries, names[at] ?? '');
      const entries = sentence.entries.map((each) => ({ ...each, lines: each.lines.map(line) }));
      return own ? putRight(sentence, own, named) : { ...sentence, entries };
    }),
  };
}

function putRight(
  sentence: ProposedSentence,
  { date, lines: own }: SaidEntry,
  named: (name: string) => KnownAccount | undefined,
): ProposedSentence {
  const lines = own.flatMap(({ account, amount }) => {
    const known = named(account);
    return known ? [{ account: known, amount }] : [];
  });
  if (lines.length < own.length) return { ...sentence, why: GONE, entries: [] };
  const text = sentence.entries[0]?.text ?? sentence.text.slice(0, 60);
  return { ...sentence, why: null, entries: [{ date, text, lines }] };
}
