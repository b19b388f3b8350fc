import { accountOf } from '../../model/book/book.js';
import type { CheckResult } from '../../assessment/all-checks/index.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import { HINT_PIECES, type HintPiece } from '../../model/exercise-shapes/hint-pieces.js';
import type { AskedKind } from '../exercise/asked.js';
import { ledBy } from '../exercise/led.js';
import { Progress, withLooseQuestions } from '../exercise/progress.js';
import type { Guided } from '../exercise/guide-shown.js';
import { questionPieces } from './question-words.js';
import { accountPieces, entryPieces, openingPieces, type Pieces } from './hint-words.js';

/** What help is about: something that a step asks for, by its id in the key; of a document the entry that it makes. */
export interface HintAbout {
  readonly kind: 'accounts' | 'openings' | 'entries' | 'questions';
  readonly id: string;
}

export interface Hint {
  readonly about: HintAbout;
  readonly piece: HintPiece;
  readonly says: string;
}

/** The pieces that one more hint can be: an answer is told only to who asks for just that, since it earns nothing then. */
export function hintsFor(upTo: HintPiece, answer: boolean): readonly HintPiece[] {
  if (answer) return upTo === 'answer' ? ['answer'] : [];
  return HINT_PIECES.slice(0, HINT_PIECES.indexOf(upTo) + 1).filter((each) => each !== 'answer');
}

/** Which pieces may come now, and what somebody was told before. */
export interface HintsSoFar {
  readonly step: string;
  readonly pieces: readonly HintPiece[];
  readonly taken: readonly Pick<Hint, 'about' | 'piece'>[];
}

const HINTED = ['accounts', 'openings', 'entries', 'documents', 'questions'] as const;
const NOTHING: Pieces = { where: '', rule: '', example: '', answer: '' };

function piecesOf(key: AnswerKey, { kind, id }: HintAbout): Pieces {
  const { book } = key;
  if (kind === 'questions') {
    const question = key.questions.find((each) => each.id === id);
    return question ? questionPieces(key, question) : NOTHING;
  }
  const account = accountOf(book, id);
  if (kind === 'accounts') return account ? accountPieces(book, account) : NOTHING;
  if (kind === 'openings') return account ? openingPieces(book, account) : NOTHING;
  const entry = book.entries.find((each) => each.id === id);
  return entry ? entryPieces(book, entry) : NOTHING;
}

/** What help is about where a step asks for something; null: nothing that could be told. */
function aboutOf({ book }: AnswerKey, kind: (typeof HINTED)[number], id: string): HintAbout | null {
  if (kind !== 'documents') return { kind, id };
  const made = book.entries.find(({ document }) => document === id);
  return made ? { kind: 'entries', id: made.id } : null;
}

/** The paper on which something stands; null: on none. */
function paperOf(
  { key, start, guide }: Pick<Guided, 'key' | 'start' | 'guide'>,
  asked: { readonly kind: AskedKind; readonly id: string },
): string | null {
  const { sheets } = ledBy(key, start, guide);
  const isAbout = (row: (typeof sheets)[number]['rows'][number]) =>
    row.about?.kind === asked.kind && row.about.id === asked.id;
  return sheets.find(({ rows }) => rows.some(isAbout))?.title ?? null;
}

/**
 * The next piece of help for the first thing of a step that does not stand yet and of which something is still to be told;
 * null: all stands, or all was told. Of a question that is answered nothing is told, right or wrong. What is told is the key’s.
 */
export function nextHint(
  { key, start, work, guide, answers }: Guided,
  { step, pieces: may, taken }: HintsSoFar,
): Hint | null {
  const progress = new Progress(key, start, { work, answers });
  const { steps = [] } = withLooseQuestions(guide, key);
  const asked = steps.find(({ id }) => id === step);
  for (const kind of HINTED)
    for (const id of asked?.[kind] ?? []) {
      if (progress.stands(kind, id)) continue;
      const about = aboutOf(key, kind, id);
      const pieces = about ? piecesOf(key, about) : NOTHING;
      const piece = may.find((each) => pieces[each] !== '' && !isTaken(taken, about, each));
      if (!piece || !about) continue;
      const paper = piece === 'where' ? paperOf({ key, start, guide }, { kind, id }) : null;
      const says = paper === null ? pieces[piece] : `${pieces[piece]} Look at “${paper}”.`;
      return { about, piece, says };
    }
  return null;
}

const isTaken = (taken: HintsSoFar['taken'], about: HintAbout | null, piece: HintPiece): boolean =>
  taken.some(
    (each) => each.piece === piece && each.about.kind === about?.kind && each.about.id === about.id,
  );

/** The checks that something asked for is there for. */
const GROUPS: Readonly<Record<HintAbout['kind'], string>> = {
  accounts: 'account.',
  openings: 'opening.',
  entries: 'entry.',
  questions: 'question.',
};

/** The points that results give for what help is about, before they are scaled: where its answer was told, it earned nothing. */
export const earnedOf = (
  results: readonly Pick<CheckResult, 'check' | 'subject' | 'points'>[],
  { kind, id }: HintAbout,
): number =>
  results
    .filter(({ check, subject }) => check.startsWith(GROUPS[kind]) && subject.id === id)
    .reduce((sum, { points }) => sum + points, 0);
