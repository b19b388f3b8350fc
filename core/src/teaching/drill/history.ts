import {
  DISTINCTION_IDS,
  distinctionsOfType,
  type Distinction,
} from '../../assessment/mixup/index.js';
import type { Scheme } from '../../model/scheme/scheme.js';
import { STOCK } from './stock.js';

/** One answer in a drill, as it is kept. */
export interface DrillAnswer {
  /** The name of the stock, by its id. */
  readonly name: string;
  readonly isRight: boolean;
  /** What was not told apart; null: it was right, or nothing usual. */
  readonly missed: Distinction | null;
  /** ISO 8601. */
  readonly at: string;
}

/** How often something was asked to be told apart, and missed. */
interface Tally {
  readonly asked: number;
  readonly missed: number;
}

/** The type of each name of the stock, by its id. */
export const typeById: ReadonlyMap<string, string> = new Map(
  STOCK.map(({ id, type }) => [id, type]),
);

/** The distinctions that an answer counts for. */
function askedBy(scheme: Scheme, { name, missed }: DrillAnswer): Distinction[] {
  const type = typeById.get(name);
  const usual = type === undefined ? [] : distinctionsOfType(scheme, type);
  return [...new Set(missed === null ? usual : [...usual, missed])];
}

/** For each distinction, how often it was asked and missed. */
export function tallies(
  scheme: Scheme,
  history: readonly DrillAnswer[],
): ReadonlyMap<Distinction, Tally> {
  const found = new Map<Distinction, { asked: number; missed: number }>();
  for (const answer of history)
    for (const id of askedBy(scheme, answer)) {
      const tally = found.get(id) ?? { asked: 0, missed: 0 };
      tally.asked++;
      if (answer.missed === id) tally.missed++;
      found.set(id, tally);
    }
  return found;
}

/** A point of one’s curve: the share told apart rightly among some answers, from 0 to 1. */
export interface CurvePoint {
  readonly answers: number;
  readonly right: number;
}

/** So many answers make a point of a curve. */
const POINT = 10;

/** How each distinction came along, the oldest answers first; those that were never asked are left out. */
export function drillCurves(
  scheme: Scheme,
  history: readonly DrillAnswer[],
): { readonly distinction: Distinction; readonly points: readonly CurvePoint[] }[] {
  return DISTINCTION_IDS.flatMap((distinction) => {
    const asked = history.filter((answer) => askedBy(scheme, answer).includes(distinction));
    if (asked.length === 0) return [];
    const points: CurvePoint[] = [];
    for (let at = 0; at < asked.length; at += POINT) {
      const some = asked.slice(at, at + POINT);
      const right = some.filter(({ missed }) => missed !== distinction).length / some.length;
      points.push({ answers: some.length, right });
    }
    return [{ distinction, points }];
  });
}
