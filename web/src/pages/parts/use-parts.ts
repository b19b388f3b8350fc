import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { ExerciseAnswer } from '@gleddo/contract';
import {
  EXERCISE_PARTS,
  partChanges,
  rulesOfTry,
  withPartChanges,
  type ExerciseParts,
  type Overtaken,
  type PartChange,
} from '@gleddo/core';
import { useMemo } from 'react';
import { Problem, post } from '../../platform/api/client';
import { useKept } from '../../platform/kept/use-kept';

/** What of an exercise is changed part by part. */
export function partsIn(exercise: ExerciseAnswer): ExerciseParts {
  const { title, brief, keyRules, guide } = exercise;
  return { title, brief, rules: rulesOfTry(exercise), keyRules, guide };
}

/** What somebody is changing of an exercise, on one page. */
export interface Parts {
  /** The exercise as it is by now, with what was changed here. */
  readonly now: ExerciseParts;
  readonly isChanged: boolean;
  /** What was changed here, and elsewhere since: it stands as it is there until somebody says which. */
  readonly overtaken: readonly Overtaken[];
  readonly save: { readonly error: Error | null; readonly isPending: boolean };
  change(next: ExerciseParts): void;
  onSave(): void;
  /** Of a part that was overtaken: lets it be as it is now, or as it was made here. */
  settle(overtaken: Overtaken, whose: 'mine' | 'theirs'): void;
}

const CONFLICT = 409;

/** Only changes are kept here, part by part: whatever else is changed of the exercise meanwhile stays. */
export function useParts(exercise: ExerciseAnswer, page: string): Parts {
  const { id } = exercise;
  const [changes, setChanges, clear] = useKept<readonly PartChange[]>(`parts.${page}.${id}`, []);
  const kept = useMemo(() => partsIn(exercise), [exercise]);
  const { document, done, overtaken } = useMemo(
    () => withPartChanges(EXERCISE_PARTS, kept, changes),
    [kept, changes],
  );
  const save = useSaving(id, clear);
  /** Whoever types where another has changed says by that which stands. */
  const change = (next: ExerciseParts) => {
    const typed = partChanges(EXERCISE_PARTS, kept, next);
    const places = new Set(typed.map(({ at }) => at));
    const stays = overtaken.map((each) => each.change).filter(({ at }) => !places.has(at));
    save.reset();
    setChanges([...stays, ...typed]);
  };
  return {
    now: wholeOf(kept, document),
    isChanged: done.length > 0 || overtaken.length > 0,
    ...{ overtaken, save, change },
    onSave: () => save.mutate(done),
    settle: ({ change: mine, is }, whose) => {
      save.reset();
      setChanges([
        ...changes.filter((each) => each !== mine),
        ...(whose === 'mine' ? [{ ...mine, was: is }] : []),
      ]);
    },
  };
}

/** What has no part any more says nothing. */
const wholeOf = (kept: ExerciseParts, document: unknown): ExerciseParts => ({
  ...{ title: '', brief: '', keyRules: {}, guide: {}, rules: kept.rules },
  ...(document as Partial<ExerciseParts>),
});

function useSaving(id: string, onSaved: () => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (changes: readonly PartChange[]) => post(`exercises/${id}/changes`, { changes }),
    onSuccess: (exercise) => {
      queries.setQueryData(['exercise', id], exercise);
      onSaved();
      void queries.invalidateQueries({ queryKey: ['exercises'] });
      void queries.invalidateQueries({ queryKey: ['exercise-changes', id] });
    },
    onError: (error) => {
      if (error instanceof Problem && error.status === CONFLICT)
        void queries.invalidateQueries({ queryKey: ['exercise', id] });
    },
  });
}
