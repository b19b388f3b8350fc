import type { SampleFaults } from './sample-work.js';

/** How far a student of the sample is with an exercise. */
type SampleState = 'not-started' | 'working' | 'handed-in' | 'given-back';

interface SampleTry {
  readonly state: SampleState;
  readonly faults: SampleFaults;
}

/** Somebody of the sample, with a work of each of its exercises; nobody real. */
export interface SampleStudent {
  readonly name: string;
  readonly tries: readonly SampleTry[];
}

/** Of the shelf: accounts to be placed, and accruals to be recorded. */
export const SAMPLE_EXERCISES: readonly string[] = ['bakery-types', 'bakery-owed'];

export const SAMPLE_GROUP = 'Sample class';

const back = (faults: SampleFaults = {}): SampleTry => ({ state: 'given-back', faults });
const isIn = (faults: SampleFaults = {}): SampleTry => ({ state: 'handed-in', faults });
const begun = (done: number, faults: SampleFaults = {}): SampleTry => ({
  state: 'working',
  faults: { ...faults, done },
});
const NOTHING: SampleTry = { state: 'not-started', faults: {} };

const student = (name: string, ...tries: readonly SampleTry[]): SampleStudent => ({ name, tries });

/** Twelve students, some of whom take the same things for something else. */
export const SAMPLE_STUDENTS: readonly SampleStudent[] = [
  student('Alma Brandt', back(), isIn()),
  student('Bo Castell', back({ misplaced: [2, 13] }), isIn({ turned: [0] })),
  student('Cleo Danvers', back({ misplaced: [2, 3, 25], unknown: [1] }), isIn({ leftOut: [4] })),
  student('Dario Ekwall', back({ misplaced: [13] }), isIn({ leftOut: [4, 5], unknown: [1] })),
  student(
    'Edda Fairley',
    back({ misplaced: [2, 4, 13, 26] }),
    isIn({ miswritten: [1], turned: [0] }),
  ),
  student('Finn Gravell', back({ misplaced: [3] }), isIn({ miswritten: [3] })),
  student('Greta Holm', back(), back({ unknown: [2] })),
  student('Hugo Ivers', back({ misplaced: [2, 26] }), isIn({ leftOut: [6], misplaced: [0] })),
  student('Ida Jessop', back({ misplaced: [13, 25] }), begun(0.6)),
  student('Jonas Kell', back({ misplaced: [4] }), begun(0.3, { turned: [0] })),
  student('Klara Lund', back({ misplaced: [2] }), NOTHING),
  student('Levi Moss', NOTHING, NOTHING),
];
