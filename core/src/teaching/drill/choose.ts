import { distinctionsOfType, type Distinction } from '../../assessment/mixup/index.js';
import type { Scheme, Words } from '../../model/scheme/scheme.js';
import { randomFrom } from '../../model/chance/random.js';
import { tallies, typeById, type DrillAnswer } from './history.js';
import { STOCK, type StockName } from './stock.js';

interface DrillWanted {
  readonly scheme: Scheme;
  readonly history: readonly DrillAnswer[];
  readonly count: number;
  readonly seed: number;
  /** Whose words are asked; the others’ own are left out. */
  readonly words: Words;
  /** Asked for alone; null: all, those missed most the most. */
  readonly only: readonly Distinction[] | null;
}

/** How much more comes what shares a distinction that is always missed, and what is itself always missed. */
const DISTINCTION_PULL = 6;
const TYPE_PULL = 24;
/** What was missed last comes again soon. */
const AGAIN = 6;

const COUNTRY: Readonly<Record<Words, string | null>> = {
  international: null,
  british: 'gb',
  american: 'us',
};

/** How often in a row a name was right, the latest answers first; −1: missed the last time; null: never asked. */
function standings(history: readonly DrillAnswer[]): ReadonlyMap<string, number> {
  const found = new Map<string, number>();
  for (const { name, isRight } of history) {
    const before = found.get(name) ?? 0;
    found.set(name, isRight ? Math.max(0, before) + 1 : -1);
  }
  return found;
}

const isOffered = ({ country }: StockName, words: Words): boolean =>
  country === null || country === COUNTRY[words];

/** How often the names of each type were missed, of all that were asked. */
function missedByType(history: readonly DrillAnswer[]): ReadonlyMap<string, number> {
  const found = new Map<string, { asked: number; missed: number }>();
  for (const { name, isRight } of history) {
    const type = typeById.get(name) ?? '';
    const { asked, missed } = found.get(type) ?? { asked: 0, missed: 0 };
    found.set(type, { asked: asked + 1, missed: missed + (isRight ? 0 : 1) });
  }
  return new Map([...found].map(([type, { asked, missed }]) => [type, missed / (asked + 1)]));
}

interface Known {
  readonly scheme: Scheme;
  readonly standing: ReadonlyMap<string, number>;
  readonly byType: ReadonlyMap<string, number>;
  readonly byDistinction: ReadonlyMap<Distinction, number>;
}

function weightOf({ id, type }: StockName, known: Known): number {
  const shares = distinctionsOfType(known.scheme, type).map((d) => known.byDistinction.get(d) ?? 0);
  const pull =
    1 + DISTINCTION_PULL * Math.max(0, ...shares) + TYPE_PULL * (known.byType.get(type) ?? 0);
  const standing = known.standing.get(id);
  if (standing === undefined) return pull;
  return standing < 0 ? pull * AGAIN : pull / 2 ** Math.min(standing, 6);
}

/**
 * The names of a round, drawn by a seed: those of distinctions that were missed come most, a name that was missed comes
 * again soon, one that was right comes half as often each time. Nothing stands twice in a round.
 */
export function drillNames(wanted: DrillWanted): StockName[] {
  const { scheme, history, count, seed, words, only } = wanted;
  const known: Known = {
    scheme,
    standing: standings(history),
    byType: missedByType(history),
    byDistinction: new Map(
      [...tallies(scheme, history)].map(([id, { asked, missed }]) => [id, missed / (asked + 2)]),
    ),
  };
  const among = STOCK.filter(
    (each) =>
      isOffered(each, words) &&
      (only === null || distinctionsOfType(scheme, each.type).some((id) => only.includes(id))),
  );
  const random = randomFrom(seed);
  // Weighted draw without replacement: Efraimidis and Spirakis, 2006.
  return among
    .map((each) => ({
      each,
      key: Math.log(Math.max(random(), 1e-12)) / weightOf(each, known),
    }))
    .sort((a, b) => b.key - a.key)
    .slice(0, count)
    .map(({ each }) => each);
}
