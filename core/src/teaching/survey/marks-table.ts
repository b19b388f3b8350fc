/** A student's mark in one exercise, to be taken elsewhere. */
export interface MarkRow {
  readonly student: string;
  /** The name that the student signs in with: it tells two of the same name apart. */
  readonly login: string;
  /** What the school’s own lists call them; empty: not said. */
  readonly number: string;
  readonly state: 'not-started' | 'working' | 'handed-in' | 'given-back';
  /** Null while nothing has been handed in. */
  readonly points: number | null;
  readonly of: number | null;
  /** The day of handing in, ISO 8601; null before. */
  readonly day: string | null;
}

const STATUS: Readonly<Record<MarkRow['state'], string>> = {
  'not-started': 'not submitted',
  working: 'not submitted',
  'handed-in': 'submitted',
  'given-back': 'fully graded',
};

const text = (points: number | null): string => (points === null ? '' : String(points));

/**
 * The marks of a class with the column names of the OneRoster 1.2 CSV file of results, as far as they fit;
 * what has no column there stands behind `metadata.`, as that standard asks.
 */
export const marksToTable = (exerciseId: string, rows: readonly MarkRow[]): string[][] => [
  [
    'sourcedId',
    'lineItemSourcedId',
    'studentSourcedId',
    'scoreStatus',
    'score',
    'scoreDate',
    'metadata.scoreMaximum',
    'metadata.studentName',
  ],
  ...rows.map(({ student, login, number, state, points, of, day }) => [
    `${exerciseId}-${login}`,
    exerciseId,
    number || login,
    STATUS[state],
    text(points),
    day ?? '',
    text(of),
    student,
  ]),
];
