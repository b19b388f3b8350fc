import { useQuery } from '@tanstack/react-query';
import type { ExerciseAnswer, OriginShown } from '@gleddo/contract';
import {
  EXERCISE_PARTS,
  partChanges,
  withPartChanges,
  type ExerciseParts,
  type PartChange,
} from '@gleddo/core';
import { get } from '../../platform/api/client';
import { partsIn } from '../parts/use-parts';

/** With what an exercise is compared: itself before one of its changes, what it is a copy of, another. */
export type With =
  | { readonly kind: 'before'; readonly revision: number }
  | { readonly kind: 'origin' }
  | { readonly kind: 'other'; readonly id: string };

/** As it stands in the address: `before-12`, `origin`, `other-…`. */
export function withOf(said: string | null): With | null {
  const [, kind, rest = ''] = /^(before|origin|other)-?(.*)$/.exec(said ?? '') ?? [];
  if (kind === 'before' && /^\d{1,9}$/.test(rest)) return { kind, revision: Number(rest) };
  if (kind === 'other' && rest !== '') return { kind, id: rest };
  return kind === 'origin' ? { kind } : null;
}

export const saidWith = (of: With): string =>
  of.kind === 'before'
    ? `before-${String(of.revision)}`
    : of.kind === 'other'
      ? `other-${of.id}`
      : 'origin';

/** What stands elsewhere, and how it differs from what stands here. */
export interface OtherVersion {
  readonly changes: readonly Difference[];
  /** What the other speaks of that this key has not. */
  readonly lost: readonly string[];
  /** Where the other is what this one is a copy of. */
  readonly origin: OriginShown | null;
}

export interface Difference {
  readonly change: PartChange;
  /** Whether it was changed here, too, since the copy was taken. */
  readonly isBoth: boolean;
  /** Whether it is what most come for. */
  readonly isUsual: boolean;
}

/** The parts that another exercise could give: what is here alone stays. */
const given = (mine: ExerciseParts, theirs: ExerciseParts): Difference[] =>
  partChanges(EXERCISE_PARTS, mine, theirs)
    .filter(({ at, now }) => now !== undefined && !at.endsWith('/'))
    .map((change) => ({ change, isBoth: false, isUsual: false }));

const before = (mine: ExerciseParts, then: ExerciseParts): Difference[] =>
  partChanges(EXERCISE_PARTS, mine, then).map((change) => ({
    ...{ change, isBoth: false, isUsual: true },
  }));

/** What was changed of the origin since; what was changed here, too, is put as it would be there, and said to be so. */
function since(mine: ExerciseParts, { base, now }: OriginShown): Difference[] {
  const { done, overtaken } = withPartChanges(
    EXERCISE_PARTS,
    mine,
    partChanges(EXERCISE_PARTS, base, now),
  );
  return [
    ...done.map((change) => ({ change, isBoth: false, isUsual: true })),
    ...overtaken.map(({ change, is }) => ({
      change: { ...change, was: is },
      ...{ isBoth: true, isUsual: false },
    })),
  ];
}

async function fetched(exercise: ExerciseAnswer, of: With): Promise<OtherVersion> {
  const mine = partsIn(exercise);
  const path = `exercises/${exercise.id}` as const;
  if (of.kind === 'before') {
    const { parts } = await get(`${path}/as-of/${String(of.revision - 1)}`);
    return { changes: before(mine, parts), lost: [], origin: null };
  }
  if (of.kind === 'origin') {
    const origin = await get(`${path}/origin`);
    return { changes: since(mine, origin), lost: [], origin };
  }
  const { parts, lost } = await get(`${path}/parts-of/${of.id}`);
  return { changes: given(mine, parts), lost, origin: null };
}

export const useOtherVersion = (exercise: ExerciseAnswer, of: With | null) =>
  useQuery({
    queryKey: ['other-version', exercise.id, exercise.revision, of && saidWith(of)],
    queryFn: () => (of ? fetched(exercise, of) : null),
    staleTime: 0,
  });
