import {
  DISTINCTION_IDS,
  DRILL_KINDS,
  drillNames,
  drillQuestion,
  type DrillAnswer,
  type DrillKind,
  type DrillQuestion,
  type DrillFeedback,
  type Words,
} from '@gleddo/core';
import { drillBy } from './use-drills';

/** How a round is chosen: its address says it. */
export interface RoundWanted {
  readonly kind: DrillKind;
  readonly count: number;
  readonly only: string | null;
  readonly words: Words;
  readonly isTray: boolean;
}

const MOST = 60;
const USUAL = 20;

export function roundWanted(params: URLSearchParams): RoundWanted {
  const count = Number(params.get('count') ?? USUAL);
  return {
    kind: DRILL_KINDS.find((each) => each === params.get('kind')) ?? 'type',
    count: Number.isInteger(count) ? Math.min(MOST, Math.max(1, count)) : USUAL,
    only: DISTINCTION_IDS.find((each) => each === params.get('only')) ?? null,
    words: WORDS.find((each) => each === params.get('words')) ?? 'international',
    isTray: params.get('as') === 'tray',
  };
}

const WORDS: readonly Words[] = ['international', 'british', 'american'];

/** The questions of a round, drawn by what was right and missed before. */
export function questionsOf(
  { kind, count, only, words }: RoundWanted,
  history: readonly DrillAnswer[],
  seed: number,
): DrillQuestion[] {
  const by = drillBy(words);
  if (!by) return [];
  const names = drillNames({
    ...{ scheme: by.scheme, history, count, seed, words },
    only: only === null ? null : DISTINCTION_IDS.filter((id) => id === only),
  });
  return names.flatMap((name) => drillQuestion(name, kind, { ...by, seed }) ?? []);
}

/** An answer of the round, and what was said of it. */
export interface Answered {
  readonly question: DrillQuestion;
  readonly answer: string;
  readonly described: DrillFeedback;
}
