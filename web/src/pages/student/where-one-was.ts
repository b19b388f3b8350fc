import { useEffect } from 'react';
import { keepFor, kept } from '../../platform/kept/kept-here';

const nameOf = (exerciseId: string): string => `gleddo.where.${exerciseId}`;

/** The part of a work that its student had open last, in this window; `otherwise`: where they were at none yet. */
export const whereOneWas = (exerciseId: string, otherwise: string): string =>
  kept('session', nameOf(exerciseId)) ?? otherwise;

/** Keeps which part is open, so that coming back leads there. */
export function useWhereOneIs(exerciseId: string, part: string): void {
  useEffect(() => keepFor('session', nameOf(exerciseId), part), [exerciseId, part]);
}
