import {
  checkpoint,
  fitting,
  copiedFigures,
  guideFile,
  guideShown,
  howFar,
  nextHint,
  readBook,
  wordsBy,
  type Guide,
  type GuideShown,
  type Hint,
  type HintsSoFar,
  type StepReached,
} from '@gleddo/core';
import { LRUCache } from 'lru-cache';
import { readAsMade, readKeyText, type KeyText } from './checking.js';
import { prepared, type PreparedBook, type Sent } from './prepared-book.js';

const guides = new LRUCache<string, Guide>({ maxSize: 4_000_000, sizeCalculation: sizeOf });

function sizeOf(_: Guide, text: string): number {
  return text.length + 1;
}

/** A guide as it is kept, read once in each thread; one that can’t be read leads nowhere. */
export function guideOf(text: string): Guide {
  const before = guides.get(text);
  if (before) return before;
  const read = fitting(guideFile, JSON.parse(text));
  const guide = read.ok ? read.value : {};
  guides.set(text, guide);
  return guide;
}

export interface ToGuide {
  readonly key: KeyText;
  /** JSON. */
  readonly guide: string;
  readonly work: string;
  readonly answers: Readonly<Record<string, string>>;
}

/** What leads through a work, and how far it is. */
export function guide({ key: text, guide: guideText, work, answers }: ToGuide): Sent<GuideShown> {
  const { key, start } = readKeyText(text);
  const read = readBook(work);
  if (!read.ok) return read;
  const answered = new Map(Object.entries(answers));
  const shown = guideShown({
    ...{ key, start, work: read.value, guide: guideOf(guideText), answers: answered },
  });
  return { ok: true, value: shown };
}

export interface ToHint extends ToGuide {
  readonly soFar: HintsSoFar;
}

/** The next piece of help over a work; null: there is none. */
export function hint({
  key: text,
  guide: guideText,
  work,
  answers,
  soFar,
}: ToHint): Sent<Hint | null> {
  const { key, start } = readKeyText(text);
  const read = readBook(work);
  if (!read.ok) return read;
  const answered = new Map(Object.entries(answers));
  const over = { key, start, work: read.value, guide: guideOf(guideText), answers: answered };
  return { ok: true, value: nextHint(over, soFar) };
}

/** How far each of these works is. One that can’t be read is nowhere. */
export const reached = (works: readonly ToGuide[]): StepReached[][] =>
  works.map(({ key: text, guide: guideText, work, answers }) => {
    const { key, start } = readKeyText(text);
    const read = readBook(work);
    if (!read.ok) return [];
    const answered = new Map(Object.entries(answers));
    return howFar({ key, start, work: read.value, guide: guideOf(guideText), answers: answered });
  });

/** Words with the figures and names of whoever reads them. */
export const wordsFor = (text: KeyText, words: string): string =>
  wordsBy(readKeyText(text).key)(words);

/** The start that goes with somebody’s own figures, ready to be kept. */
export const ownStartOf = (text: KeyText): Sent<PreparedBook> => prepared(readKeyText(text).start);

export interface ToGoOn {
  readonly key: KeyText;
  /** JSON. */
  readonly guide: string;
  /** The step that is gone on from the beginning of. */
  readonly step: number;
}

/** The key as it stands at the beginning of a step, ready to be kept. */
export function checkpointOf({ key: text, guide: guideText, step }: ToGoOn): Sent<PreparedBook> {
  const { key, start } = readKeyText(text);
  return prepared(checkpoint(key, start, { guide: guideOf(guideText), upTo: step - 1 }));
}

/** A work and whose it is. */
export interface FiguredWork {
  readonly seed: number;
  readonly whose: string;
  readonly text: string;
}

/** In which works somebody else’s figures stand, whose, and how many. */
export function copied({ key: text, works }: { key: KeyText; works: readonly FiguredWork[] }) {
  const { key } = readAsMade(text);
  return works.flatMap(({ seed, whose, text: work }) => {
    const read = readBook(work);
    if (!read.ok) return [];
    const found = copiedFigures(key, read.value, { ownSeed: seed, others: works });
    return found ? [{ ...found, by: whose }] : [];
  });
}
