import { AIMS, type Aim } from '../../model/exercise-shapes/key-rules.js';

/** What a check is usually worth, by what an exercise is about. */
export type Worth = Readonly<Record<Aim, number>>;

/** The same, whatever an exercise is about. */
export const atEach = (points: number): Worth =>
  Object.fromEntries(AIMS.map((aim) => [aim, points])) as unknown as Worth;
