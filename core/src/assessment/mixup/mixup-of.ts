import { sectionOfType, typeOf, type Scheme } from '../../model/scheme/scheme.js';
import { JUDGEMENT_CALLS, MIX_UPS, type MixUp, type MixUpSide } from './mixups.js';

const isOn = (scheme: Scheme, side: MixUpSide, type: string): boolean =>
  (side.types?.includes(type) ?? false) ||
  (side.sections?.includes(sectionOfType(scheme, type)?.id ?? '') ?? false);

/** Whether accounts of a type can be taken for others in a mix-up, or others for them. */
export const isOneSide = (scheme: Scheme, { one, other }: MixUp, type: string): boolean =>
  isOn(scheme, one, type) || isOn(scheme, other, type);

/** What was mixed up where an account of one type was set up as another; null where it is none of the usual mix-ups. */
export function mixUpOf(scheme: Scheme, right: string | null, taken: string | null): MixUp | null {
  if (right === null || taken === null || right === taken) return null;
  return (
    MIX_UPS.find(
      ({ one, other }) =>
        (isOn(scheme, one, right) && isOn(scheme, other, taken)) ||
        (isOn(scheme, other, right) && isOn(scheme, one, taken)),
    ) ?? null
  );
}

const isJudgement = (right: string, taken: string): boolean =>
  JUDGEMENT_CALLS.some((pair) => pair.includes(right) && pair.includes(taken));

/** The types that beginners take a type for: never one that can be defended. */
export const takenFor = (scheme: Scheme, right: string): string[] =>
  scheme.types
    .filter(({ id }) => mixUpOf(scheme, right, id) !== null && !isJudgement(right, id))
    .map(({ id }) => id);

/** What two types are that are taken for each other, by their names, and what tells them apart; null where they are none of the usual mix-ups. */
export function tellsApart(
  scheme: Scheme,
  right: string | null,
  taken: string | null,
): string | null {
  const found = mixUpOf(scheme, right, taken);
  const [one, other] = [typeOf(scheme, right), typeOf(scheme, taken)];
  if (!found || !one || !other) return null;
  const isFirst = isOn(scheme, found.one, one.id) && isOn(scheme, found.other, other.id);
  const [ofRight, ofTaken] = isFirst ? found.is : found.is.toReversed();
  return `${one.name}: ${ofRight ?? ''}. ${other.name}: ${ofTaken ?? ''}. ${found.says}`;
}
