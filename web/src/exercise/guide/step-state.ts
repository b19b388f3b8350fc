import type { GuidePlace } from '@gleddo/contract';
import { tickOfStep, type Revealed, type StepShown } from '@gleddo/core';

/** How a tick beside a row of a paper is named. */
export const tickOfRow = (sheet: string, row: number): string => `row ${sheet} ${row}`;

interface Count {
  readonly done: number;
  readonly of: number;
}

/** How much of a step is done: what it asks for, or, where it asks for nothing, whether it is ticked. */
export function countOf({ id, asks }: StepShown, { ticks }: GuidePlace): Count {
  if (asks.length === 0) return { done: ticks.includes(tickOfStep(id)) ? 1 : 0, of: 1 };
  return asks.reduce<Count>((sum, { done, of }) => ({ done: sum.done + done, of: sum.of + of }), {
    done: 0,
    of: 0,
  });
}

export const isDone = (step: StepShown, place: GuidePlace): boolean => {
  const { done, of } = countOf(step, place);
  return done === of;
};

/** How far the whole is, from 0 to 1. */
export function shareDone(steps: readonly StepShown[], place: GuidePlace): number {
  const counts = steps.map((step) => countOf(step, place));
  const of = counts.reduce((sum, each) => sum + each.of, 0);
  return of === 0 ? 0 : counts.reduce((sum, each) => sum + each.done, 0) / of;
}

/** The step that one is at: the one where one was, else the first that is not done. */
export const currentOf = (steps: readonly StepShown[], place: GuidePlace): StepShown | null =>
  steps.find(({ id }) => id === place.step) ??
  steps.find((step) => !isDone(step, place)) ??
  steps.at(-1) ??
  null;

/** The next step that is not done, after one and round again; null where all is done. */
export function nextOpen(
  steps: readonly StepShown[],
  place: GuidePlace,
  after: StepShown | null,
): StepShown | null {
  const at = after ? steps.indexOf(after) : -1;
  const round = [...steps.slice(at + 1), ...steps.slice(0, at + 1)];
  return round.find((step) => !isDone(step, place)) ?? null;
}

/** How far one has come: the step that one is at, or a later one in which something is done. */
function furthest(steps: readonly StepShown[], place: GuidePlace): number {
  const current = currentOf(steps, place);
  const at = current ? steps.indexOf(current) : -1;
  return Math.max(
    at,
    steps.findLastIndex((step) => countOf(step, place).done > 0),
  );
}

/** What no step so far has brought in, of what a step does bring in. */
export function withheld(steps: readonly StepShown[], place: GuidePlace): ReadonlySet<Revealed> {
  const later = steps.slice(furthest(steps, place) + 1);
  return new Set(later.flatMap(({ brings }) => brings));
}

type AskedKind = StepShown['asks'][number]['kind'];

/** Where what is asked for is entered. */
const PART: Readonly<Record<AskedKind, string | null>> = {
  accounts: 'chart',
  openings: 'opening',
  entries: 'journal',
  documents: 'documents',
  questions: null,
};

/** The part of the book where the next open thing of a step is entered; null: it is in the step itself. */
export function partOf({ asks }: StepShown): string | null {
  const open = asks.find(({ done, of }) => done < of) ?? asks[0];
  return open ? PART[open.kind] : null;
}

const NAMES: Readonly<Record<AskedKind, readonly [string, string, string]>> = {
  accounts: ['account', 'accounts', 'set up'],
  openings: ['opening balance', 'opening balances', 'entered'],
  entries: ['entry', 'entries', 'recorded'],
  documents: ['paper', 'papers', 'entered'],
  questions: ['question', 'questions', 'answered'],
};

/** What is done of what is asked, in words: 9 of 9 accounts set up. */
export function askedSays({ kind, done, of }: StepShown['asks'][number]): string {
  const [one, many, verb] = NAMES[kind];
  return `${done} of ${of} ${of === 1 ? one : many} ${verb}`;
}

export const PART_NAMES: Readonly<Record<string, string>> = {
  chart: 'Chart',
  opening: 'Opening',
  journal: 'Journal',
  documents: 'Documents',
};
