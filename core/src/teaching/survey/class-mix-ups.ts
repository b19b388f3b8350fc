import { stockName, tallies, type DrillAnswer } from '../drill/index.js';
import {
  DISTINCTION_IDS,
  type Distinction,
  type MixUpsInWork,
} from '../../assessment/mixup/index.js';
import type { Scheme } from '../../model/scheme/scheme.js';

/** What of one student counts: their checked works, and their drills, the oldest answers first. */
export interface MixedStudent {
  readonly id: string;
  readonly works: readonly { readonly id: string; readonly mixUps: MixUpsInWork }[];
  readonly drills: readonly DrillAnswer[];
}

/** How one student stands with a distinction. */
interface StudentMixUp {
  readonly id: string;
  readonly asked: number;
  readonly missed: number;
  /** The accounts and names with which it was missed, each once. */
  readonly names: readonly string[];
  /** A work in which it can be seen; null: it was missed in drills alone. */
  readonly work: string | null;
}

export interface ClassMixUp {
  readonly distinction: Distinction;
  readonly asked: number;
  readonly missed: number;
  /** The share missed before everybody’s last drill, from 0 to 1; null: nobody drilled it, or it was not asked before. */
  readonly before: number | null;
  /** Whoever missed it, most often first. */
  readonly who: readonly StudentMixUp[];
}

/** Answers further apart than this are of two sittings. */
const SITTING = 2 * 3_600_000;

/** The drills before the last sitting. */
function withoutLastSitting(drills: readonly DrillAnswer[]): readonly DrillAnswer[] {
  const at = drills.findLastIndex(
    (answer, i) => i > 0 && Date.parse(answer.at) - Date.parse(drills[i - 1]?.at ?? '') > SITTING,
  );
  return drills.slice(0, Math.max(0, at));
}

interface Count {
  asked: number;
  missed: number;
}

/** How often each distinction was asked and missed, in works and drills together. */
function counted(
  scheme: Scheme,
  { works }: MixedStudent,
  drills: readonly DrillAnswer[],
): ReadonlyMap<Distinction, Count> {
  const found = new Map([...tallies(scheme, drills)].map(([id, tally]) => [id, { ...tally }]));
  const of = (id: Distinction): Count => {
    const count = found.get(id) ?? { asked: 0, missed: 0 };
    found.set(id, count);
    return count;
  };
  for (const { mixUps } of works) {
    for (const [id, times] of Object.entries(mixUps.asked)) of(id as Distinction).asked += times;
    for (const { distinction } of mixUps.missed) of(distinction).missed++;
  }
  return found;
}

interface Reckoned {
  readonly student: MixedStudent;
  readonly now: ReadonlyMap<Distinction, Count>;
  readonly before: ReadonlyMap<Distinction, Count>;
  readonly drilled: ReadonlySet<Distinction>;
}

function reckoned(scheme: Scheme, student: MixedStudent): Reckoned {
  const { drills } = student;
  return {
    student,
    now: counted(scheme, student, drills),
    before: counted(scheme, student, withoutLastSitting(drills)),
    drilled: new Set(tallies(scheme, drills).keys()),
  };
}

function studentMixUp(id: Distinction, { student, now }: Reckoned): StudentMixUp[] {
  const { asked = 0, missed = 0 } = now.get(id) ?? {};
  if (missed === 0) return [];
  const inWorks = student.works.flatMap(({ id: work, mixUps }) =>
    mixUps.missed
      .filter(({ distinction }) => distinction === id)
      .map(({ name }) => ({ work, name })),
  );
  const inDrills = student.drills
    .filter((answer) => answer.missed === id)
    .map(({ name }) => stockName(name)?.name ?? name);
  const names = [...new Set([...inWorks.map(({ name }) => name), ...inDrills])];
  return [{ id: student.id, asked, missed, names, work: inWorks[0]?.work ?? null }];
}

const added = (counts: readonly (Count | undefined)[]): Count =>
  counts.reduce<Count>(
    (sum, count) => ({
      asked: sum.asked + (count?.asked ?? 0),
      missed: sum.missed + (count?.missed ?? 0),
    }),
    { asked: 0, missed: 0 },
  );

/** What a class does not tell apart, over its works and its drills; what was never asked is left out. */
export function classMixUps(scheme: Scheme, students: readonly MixedStudent[]): ClassMixUp[] {
  const all = students.map((student) => reckoned(scheme, student));
  return DISTINCTION_IDS.flatMap((distinction) => {
    const { asked, missed } = added(all.map(({ now }) => now.get(distinction)));
    if (asked === 0) return [];
    const before = added(all.map((each) => each.before.get(distinction)));
    const isDrilled = all.some(({ drilled }) => drilled.has(distinction));
    return [
      {
        ...{ distinction, asked, missed },
        before: isDrilled && before.asked > 0 ? before.missed / before.asked : null,
        who: all
          .flatMap((each) => studentMixUp(distinction, each))
          .sort((a, b) => b.missed - a.missed),
      },
    ];
  });
}
